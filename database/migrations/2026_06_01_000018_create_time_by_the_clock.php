<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('organisations', static function (Blueprint $table): void {
            // How what a timer measured is rounded to the step of entries: exact, nearest or up.
            $table->text('timer_rounding')->default('exact');
        });
        Schema::create('timers', static function (Blueprint $table): void {
            // The timer that a person has running or paused; one that was stopped has become stretches.
            $table->id();
            $table->foreignId('person_id')->unique()->constrained('people');
            $table->foreignId('task_id')->constrained();
            $table->foreignId('role_id')->nullable()->constrained();
            $table->text('note')->default('');
            $table->integer('version')->default(1);
            $table->index(['task_id'], 'timers_by_task');
            $table->index(['role_id'], 'timers_by_role');
        });
        Schema::create('timer_runs', static function (Blueprint $table): void {
            // From when to when a timer ran without a pause; without an end it runs.
            $table->id();
            $table->foreignId('timer_id')->constrained()->cascadeOnDelete();
            $table->timestamp('started_at');
            $table->timestamp('ended_at')->nullable();
            $table->index(['timer_id', 'started_at'], 'timer_runs_of_timer');
            $table->check('ended_at >= started_at');
        });
        Schema::create('stretches', static function (Blueprint $table): void {
            // Time by the clock on a line, in minutes after midnight. Inked ones are part of the entry of their line and day.
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->date('date');
            $table->integer('starts_at');
            $table->integer('ends_at');
            $table->foreignId('task_id')->constrained();
            $table->foreignId('role_id')->nullable()->constrained();
            $table->boolean('is_inked')->default(false);
            $table->enum('source', ['drawn', 'timer', 'calendar']);
            // What was said while it was pencilled; the note of time that is inked is the entry's.
            $table->text('note')->default('');
            $table->integer('version')->default(1);
            $table->index(['person_id', 'date', 'task_id'], 'stretches_of_day');
            $table->index(['task_id'], 'stretches_of_task');
            $table->index(['role_id'], 'stretches_by_role');
            $table->partialIndex(['person_id', 'date'], 'stretches_pencilled', 'is_inked = 0');
            $table->check('starts_at between 0 and 1439');
            $table->check('ends_at between 1 and 1440');
            $table->check('ends_at > starts_at');
        });
    }

    public function down(): void
    {
        foreach (['stretches', 'timer_runs', 'timers'] as $table) {
            Schema::drop($table);
        }
        Schema::table('organisations', static function (Blueprint $table): void {
            $table->dropColumn('timer_rounding');
        });
    }
};
