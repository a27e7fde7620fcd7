<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const COLUMNS = ['date', 'state', 'version'];

    public function up(): void
    {
        // With all that comparisons sum up, so that no expense of a period is looked up for it.
        $this->replace([...self::COLUMNS, 'task_id', 'person_id', 'charged', 'cost_cents', 'corrects_id']);
    }

    public function down(): void
    {
        $this->replace(self::COLUMNS);
    }

    /** @param  list<string>  $columns */
    private function replace(array $columns): void
    {
        Schema::table('expenses', static function (Blueprint $table) use ($columns): void {
            $table->dropIndex('expenses_of_day');
            $table->index($columns, 'expenses_of_day');
        });
    }
};
