<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('absence_kinds', static function (Blueprint $table): void {
            // What absences are called, and what holds for each. Allowances are counted in half days.
            $table->id();
            $table->string('name', 60)->unique();
            $table->enum('counts_as', ['leave', 'sickness', 'other'])->default('other');
            $table->enum('visible_to', ['everybody', 'managers'])->default('managers');
            $table->boolean('needs_approval')->default(true);
            $table->unsignedInteger('allowance')->nullable();
            $table->unsignedInteger('carried_at_most')->default(0);
            $table->unsignedInteger('allowance_from')->nullable();
            $table->boolean('is_retired')->default(false);
            $table->check('length(name) between 1 and 60');
            $table->check('(allowance is null) = (allowance_from is null)');
        });
        Schema::create('leave_allowances', static function (Blueprint $table): void {
            // Half days of a person in a year that differ from what everybody has.
            $table->id();
            $table->foreignId('absence_kind_id')->constrained();
            $table->foreignId('person_id')->constrained('people');
            $table->unsignedInteger('year');
            $table->unsignedInteger('half_days');
            $table->unique(['person_id', 'absence_kind_id', 'year']);
            $table->index(['absence_kind_id', 'year'], 'leave_allowances_of_kind');
        });
        Schema::create('leave_requests', static function (Blueprint $table): void {
            // The absences of an approved request are those of its person and kind on its days.
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->foreignId('absence_kind_id')->constrained();
            $table->date('starts_on');
            $table->date('ends_on');
            $table->boolean('from_midday')->default(false);
            $table->boolean('until_midday')->default(false);
            $table->text('note')->default('');
            $table->enum('state', ['requested', 'approved', 'declined', 'taken back', 'replaced'])->default('requested');
            $table->foreignId('requested_by_id')->constrained('people');
            $table->timestamp('requested_at');
            // Null with a time where a rule decided.
            $table->foreignId('decided_by_id')->nullable()->constrained('people');
            $table->timestamp('decided_at')->nullable();
            $table->text('comment')->default('');
            // The approved request that this one is to replace.
            $table->foreignId('replaces_id')->nullable()->constrained('leave_requests');
            // What a calendar file calls it, so that the same file twice asks once.
            $table->text('calendar_uid')->nullable();
            $table->index(['person_id', 'starts_on'], 'leave_requests_of_person');
            $table->index(['state', 'person_id'], 'leave_requests_by_state');
            $table->unique(['person_id', 'calendar_uid']);
            $table->check('starts_on <= ends_on');
        });
        DB::table('absence_kinds')->insertUsing(['name'], DB::table('absences')->distinct()->select('kind'));
        Schema::create('absences_of_kinds', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->date('date');
            $table->integer('minutes')->nullable();
            $table->foreignId('absence_kind_id')->constrained();
            $table->unique(['person_id', 'date', 'absence_kind_id'], 'absences_key');
            $table->index(['date', 'person_id'], 'absences_by_date');
            $table->index(['absence_kind_id'], 'absences_of_kind');
            $table->check('minutes between 0 and 1440');
        });
        DB::table('absences_of_kinds')->insertUsing(['id', 'person_id', 'date', 'minutes', 'absence_kind_id'], DB::table('absences')
            ->join('absence_kinds', 'absence_kinds.name', 'absences.kind')->select('absences.id', 'person_id', 'date', 'minutes', 'absence_kinds.id AS kind_id'));
        Schema::drop('absences');
        Schema::rename('absences_of_kinds', 'absences');
    }

    public function down(): void
    {
        Schema::create('absences_by_name', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->date('date');
            $table->integer('minutes')->nullable();
            $table->text('kind');
            $table->unique(['person_id', 'date', 'kind']);
            $table->check('minutes between 0 and 1440');
        });
        DB::table('absences_by_name')->insertUsing(['id', 'person_id', 'date', 'minutes', 'kind'], DB::table('absences')
            ->join('absence_kinds', 'absence_kinds.id', 'absence_kind_id')->select('absences.id', 'person_id', 'date', 'minutes', 'absence_kinds.name'));
        Schema::drop('absences');
        Schema::rename('absences_by_name', 'absences');
        foreach (['leave_requests', 'leave_allowances', 'absence_kinds'] as $table) {
            Schema::drop($table);
        }
    }
};
