<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/*
 * Totals that pages read in the place of entries and plans, and what of them is still to be recalculated. Acts say what they
 * changed; nothing here is written by triggers.
 */
return new class extends Migration
{
    private const SUMS = ['actual_minutes', 'pending_minutes', 'actual_cents', 'pending_cents', 'actual_unrated', 'pending_unrated'];

    private const FIGURES = ['planned_minutes', 'remaining_minutes', 'over_assigned_minutes', 'budget_cents', ...self::SUMS];

    public function up(): void
    {
        Schema::create('recorded_weeks', static function (Blueprint $table): void {
            // By the first day of a week, or of a month within it, so that both weeks and months are sums. Costs are rounded for
            // each entry, and so is what it would bill; hundredths of hours likewise. Role 0 is the person's usual one; billable is
            // 2 where the task says so for the entry.
            $table->foreignId('task_id')->constrained()->cascadeOnDelete();
            $table->foreignId('person_id')->constrained('people');
            $table->integer('role_id')->default(0);
            $table->date('starts_on');
            $table->integer('billable')->default(2);
            foreach ([...self::SUMS, 'actual_hundredths', 'pending_hundredths', 'actual_bill_cents', 'pending_bill_cents', 'actual_bill_unrated', 'pending_bill_unrated'] as $sum) {
                $table->integer($sum)->default(0);
            }
            $table->primary(['task_id', 'person_id', 'role_id', 'starts_on', 'billable']);
            $table->index(['person_id', 'starts_on'], 'recorded_weeks_of_person');
            $table->partialIndex(['person_id', 'role_id', 'starts_on', 'actual_unrated', 'pending_unrated'], 'recorded_weeks_unrated', 'actual_unrated + pending_unrated <> 0');
            $table->index(['starts_on', 'actual_minutes', 'pending_minutes'], 'recorded_weeks_by_week');
            $table->clustered();
        });
        Schema::create('planned_weeks', static function (Blueprint $table): void {
            // Beside the sum what lies on each weekday, so that a part can be cut at any day. Person, team and role 0 for none.
            $table->foreignId('task_id')->constrained()->cascadeOnDelete();
            $table->integer('person_id')->default(0);
            $table->integer('team_id')->default(0);
            $table->integer('role_id')->default(0);
            $table->date('starts_on');
            $table->integer('planned_minutes');
            foreach (['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'] as $weekday) {
                $table->integer($weekday)->default(0);
            }
            $table->primary(['task_id', 'person_id', 'team_id', 'role_id', 'starts_on']);
            $table->index(['person_id', 'starts_on'], 'planned_weeks_of_person');
            $table->index(['starts_on', 'planned_minutes'], 'planned_weeks_by_week');
            $table->check('planned_minutes > 0');
            $table->clustered();
        });
        Schema::create('recorded_months', static function (Blueprint $table): void {
            // What weeks of a month come to by project, under the first day of the month; for comparisons that tell no tasks apart.
            $table->date('month');
            $table->foreignId('project_id')->constrained();
            $table->foreignId('person_id')->constrained('people');
            $table->integer('role_id')->default(0);
            foreach (self::SUMS as $sum) {
                $table->integer($sum)->default(0);
            }
            $table->primary(['month', 'project_id', 'person_id', 'role_id']);
            $table->index(['person_id', 'month'], 'recorded_months_of_person');
            $table->clustered();
        });
        Schema::create('planned_months', static function (Blueprint $table): void {
            $table->date('month');
            $table->foreignId('project_id')->constrained();
            $table->integer('person_id')->default(0);
            $table->integer('team_id')->default(0);
            $table->integer('role_id')->default(0);
            $table->integer('planned_minutes');
            $table->primary(['month', 'project_id', 'person_id', 'team_id', 'role_id']);
            $table->index(['project_id'], 'planned_months_of_project');
            $table->index(['person_id', 'month'], 'planned_months_of_person');
            $table->clustered();
        });
        Schema::create('plan_steps', static function (Blueprint $table): void {
            // What was planned for an assignee from a day on, until the next; person and team 0 for the task itself.
            $table->foreignId('task_id')->constrained()->cascadeOnDelete();
            $table->integer('person_id')->default(0);
            $table->integer('team_id')->default(0);
            $table->date('starting_on');
            $table->unsignedInteger('minutes');
            $table->primary(['task_id', 'person_id', 'team_id', 'starting_on']);
            $table->clustered();
        });
        Schema::create('assignee_figures', static function (Blueprint $table): void {
            // What remains for an assignee, in the role of the assignment that ends last; person and team 0 for unassigned hours.
            $table->foreignId('task_id')->constrained()->cascadeOnDelete();
            $table->integer('person_id')->default(0);
            $table->integer('team_id')->default(0);
            $table->integer('role_id')->default(0);
            $table->integer('remaining_minutes');
            $table->primary(['task_id', 'person_id', 'team_id']);
            $table->index(['person_id'], 'assignee_figures_of_person');
            $table->check('remaining_minutes > 0');
            $table->clustered();
        });
        Schema::create('task_figures', static function (Blueprint $table): void {
            // Figures at completion, as far as they do not depend on the day on which one looks.
            $table->foreignId('task_id')->primary()->constrained()->cascadeOnDelete();
            $table->foreignId('project_id')->constrained();
            foreach (self::FIGURES as $figure) {
                $table->integer($figure)->default(0);
            }
            $table->index(['project_id'], 'task_figures_of_project');
        });
        Schema::create('project_figures', static function (Blueprint $table): void {
            $table->foreignId('project_id')->primary()->constrained();
            foreach (self::FIGURES as $figure) {
                $table->integer($figure)->default(0);
            }
        });
        Schema::create('task_forecasts', static function (Blueprint $table): void {
            // By how much the forecast changed in a week, under its Sunday; under no day, what it was to begin with.
            $table->foreignId('task_id')->constrained()->cascadeOnDelete();
            $table->text('week_end');
            $table->integer('change_minutes');
            $table->primary(['task_id', 'week_end']);
            $table->clustered();
        });
        Schema::create('project_forecasts', static function (Blueprint $table): void {
            $table->foreignId('project_id')->constrained();
            $table->text('week_end');
            $table->integer('change_minutes');
            $table->primary(['project_id', 'week_end']);
            $table->clustered();
        });
        Schema::create('recalculations', static function (Blueprint $table): void {
            // What large changes have queued; up to which person, task or project it is done, and how many of them there are.
            $table->id();
            $table->enum('kind', ['recorded_keys', 'recorded_people', 'planned', 'tasks', 'projects']);
            $table->json('scope');
            $table->integer('place')->default(0);
            $table->integer('units')->default(0);
            $table->integer('units_done')->default(0);
            $table->boolean('is_done')->default(false);
            $table->timestamp('queued_at');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('recalculations');
        Schema::dropIfExists('project_forecasts');
        Schema::dropIfExists('task_forecasts');
        Schema::dropIfExists('project_figures');
        Schema::dropIfExists('task_figures');
        Schema::dropIfExists('assignee_figures');
        Schema::dropIfExists('plan_steps');
        Schema::dropIfExists('planned_months');
        Schema::dropIfExists('recorded_months');
        Schema::dropIfExists('planned_weeks');
        Schema::dropIfExists('recorded_weeks');
    }
};
