<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    private const COLUMNS = ['starts_on', 'task_id', 'person_id', 'team_id', 'role_id', 'planned_minutes'];

    public function up(): void
    {
        // With what lies on each weekday, so that everybody's days are read without looking up each row.
        $this->replace([...self::COLUMNS, 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday']);
    }

    public function down(): void
    {
        $this->replace(self::COLUMNS);
    }

    /** @param  list<string>  $columns */
    private function replace(array $columns): void
    {
        Schema::table('planned_weeks', static function (Blueprint $table) use ($columns): void {
            $table->dropIndex('planned_weeks_by_week');
            $table->index($columns, 'planned_weeks_by_week');
        });
    }
};
