<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Before a task goes, the database looks for what refers to it: without an index through everything, while others wait.
        Schema::table('corrections', static fn (Blueprint $table) => $table->index('task_id', 'corrections_of_task'));
        Schema::table('findings', static fn (Blueprint $table) => $table->partialIndex(['task_id'], 'findings_of_task', 'task_id is not null'));
        Schema::table('finding_explanations', static fn (Blueprint $table) => $table->partialIndex(['task_id'], 'finding_explanations_of_task', 'task_id is not null'));
    }

    public function down(): void
    {
        foreach (['corrections', 'findings', 'finding_explanations'] as $name) {
            Schema::table($name, static fn (Blueprint $table) => $table->dropIndex($name.'_of_task'));
        }
    }
};
