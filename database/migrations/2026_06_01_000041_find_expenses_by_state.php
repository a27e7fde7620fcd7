<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('expenses', static function (Blueprint $table): void {
            // What a period that is closed settles, and what it leaves open.
            $table->index(['state', 'date', 'version'], 'expenses_of_state');
        });
    }

    public function down(): void
    {
        Schema::table('expenses', static function (Blueprint $table): void {
            $table->dropIndex('expenses_of_state');
        });
    }
};
