<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        $this->replace(['date', 'state', 'version']);
    }

    public function down(): void
    {
        $this->replace(['date', 'state']);
    }

    /**
     * With versions, the index alone says what closing a period settles, and by what that is known again.
     *
     * @param  list<string>  $columns
     */
    private function replace(array $columns): void
    {
        Schema::table('expenses', static function (Blueprint $table) use ($columns): void {
            $table->dropIndex('expenses_of_day');
            $table->index($columns, 'expenses_of_day');
        });
    }
};
