<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // With their minutes: many months come in the order of people then, so that their sums need no sorting.
        $this->replace('recorded_months', ['person_id', 'role_id', 'month', 'actual_minutes', 'pending_minutes']);
        $this->replace('planned_months', ['person_id', 'team_id', 'role_id', 'month', 'planned_minutes']);
    }

    public function down(): void
    {
        $this->replace('recorded_months', ['person_id', 'month']);
        $this->replace('planned_months', ['person_id', 'month']);
    }

    /** @param  list<string>  $columns */
    private function replace(string $months, array $columns): void
    {
        Schema::table($months, static function (Blueprint $table) use ($months, $columns): void {
            $table->dropIndex($months.'_of_person');
            $table->index($columns, $months.'_of_person');
        });
    }
};
