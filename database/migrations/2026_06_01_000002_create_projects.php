<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('clients', static function (Blueprint $table): void {
            $table->id();
            $table->string('code', 32)->unique();
            $table->text('name');
            $table->check('length(code) between 1 and 32');
        });
        Schema::create('projects', static function (Blueprint $table): void {
            $table->id();
            $table->string('code', 32)->unique();
            $table->text('name');
            $table->foreignId('client_id')->nullable()->constrained();
            $table->foreignId('manager_id')->constrained('people');
            $table->date('starts_on')->nullable();
            $table->date('ends_on')->nullable();
            $table->boolean('billable')->default(true);
            $table->boolean('internal')->default(false);
            $table->enum('approval', ['none', 'project', 'line', 'project+line'])->nullable();
            $table->enum('state', ['open', 'closed'])->default('open');
            // How remaining estimates take effect on this project; null for the organisation's setting.
            $table->enum('estimate_mode', ['immediate', 'notify', 'approve'])->nullable();
            // The day whose plan is the baseline; null for the first on which there was one.
            $table->date('baseline_on')->nullable();
            $table->index(['manager_id'], 'projects_by_manager');
            $table->index(['client_id'], 'projects_by_client');
            $table->check('length(code) between 1 and 32');
            $table->check('ends_on is null or starts_on is null or starts_on <= ends_on');
        });
        Schema::create('phases', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained();
            $table->text('name');
            $table->unique(['project_id', 'name']);
        });
        Schema::create('tasks', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('project_id')->constrained();
            $table->foreignId('phase_id')->nullable()->constrained();
            $table->string('code', 32);
            $table->text('name');
            $table->unsignedInteger('planned_minutes')->nullable();
            $table->unsignedInteger('budget_cents')->nullable();
            $table->date('starts_on')->nullable();
            $table->date('ends_on')->nullable();
            $table->text('charge_code')->nullable();
            $table->boolean('billable')->nullable();
            $table->date('done_on')->nullable();
            $table->unique(['project_id', 'code']);
            $table->index(['phase_id'], 'tasks_by_phase');
            $table->check('length(code) between 1 and 32');
            $table->check('ends_on is null or starts_on is null or starts_on <= ends_on');
        });
        Schema::create('assignments', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('task_id')->constrained();
            $table->foreignId('person_id')->nullable()->constrained('people');
            $table->foreignId('team_id')->nullable()->constrained();
            $table->foreignId('role_id')->nullable()->constrained();
            $table->unsignedInteger('planned_minutes');
            $table->date('starts_on');
            $table->date('ends_on');
            $table->key(['task_id', 'person_id' => 0, 'team_id' => 0, 'role_id' => 0, 'starts_on'], 'assignments_key');
            $table->index(['person_id', 'ends_on'], 'assignments_by_person');
            $table->index(['team_id', 'ends_on'], 'assignments_by_team');
            $table->check('(person_id is null) <> (team_id is null)');
            $table->check('starts_on <= ends_on');
        });
        Schema::create('stand_in_projects', static function (Blueprint $table): void {
            // A stand-in for some projects only; without any, for everything.
            $table->foreignId('stand_in_id')->constrained()->cascadeOnDelete();
            $table->foreignId('project_id')->constrained();
            $table->primary(['stand_in_id', 'project_id']);
            $table->clustered();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('stand_in_projects');
        Schema::dropIfExists('assignments');
        Schema::dropIfExists('tasks');
        Schema::dropIfExists('phases');
        Schema::dropIfExists('projects');
        Schema::dropIfExists('clients');
    }
};
