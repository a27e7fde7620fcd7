<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What is recalculated comes task by task: within a week it is written in one place then, and minutes that change stay where they are.
        $this->replace('planned_weeks', ['starts_on', 'task_id', 'person_id', 'team_id', 'role_id', 'planned_minutes']);
        $this->replace('recorded_weeks', ['starts_on', 'task_id', 'person_id', 'role_id', 'billable', 'actual_minutes', 'pending_minutes']);
    }

    public function down(): void
    {
        $this->replace('planned_weeks', ['starts_on', 'planned_minutes']);
        $this->replace('recorded_weeks', ['starts_on', 'actual_minutes', 'pending_minutes']);
    }

    /** @param  list<string>  $columns */
    private function replace(string $weeks, array $columns): void
    {
        Schema::table($weeks, static function (Blueprint $table) use ($weeks, $columns): void {
            $table->dropIndex($weeks.'_by_week');
            $table->index($columns, $weeks.'_by_week');
        });
    }
};
