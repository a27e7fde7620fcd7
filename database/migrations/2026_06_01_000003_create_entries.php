<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('entries', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->foreignId('task_id')->constrained();
            $table->foreignId('role_id')->nullable()->constrained();
            $table->date('date');
            $table->integer('minutes');
            $table->enum('state', ['draft', 'submitted', 'approved', 'returned', 'settled'])->default('draft');
            $table->boolean('billable')->nullable();
            $table->text('note')->default('');
            $table->text('client_note')->default('');
            $table->date('corrects')->nullable();
            // Whose turn it is on a submitted entry; null for the office.
            $table->foreignId('approver_id')->nullable()->constrained('people');
            $table->unsignedInteger('approvals')->default(0);
            // Who made the last decision, so that making it twice is the same as once.
            $table->foreignId('last_decided_by_id')->nullable()->constrained('people');
            $table->text('return_comment')->nullable();
            $table->foreignId('recorded_by_id')->nullable()->constrained('people');
            $table->integer('version')->default(1);
            // Whether what was found when it was submitted blocks or asks for an explanation.
            $table->boolean('needs_attention')->default(false);
            $table->key(['person_id', 'date', 'task_id', 'role_id' => 0, 'corrects' => ''], 'entries_key');
            $table->index(['task_id', 'date'], 'entries_of_task');
            $table->index(['date', 'task_id', 'person_id', 'role_id', 'state', 'minutes'], 'entries_of_day');
            // What is still open, or approved and to be settled, in the days before a day.
            $table->partialIndex(['state', 'date', 'person_id', 'minutes', 'version'], 'entries_unsettled', "state <> 'settled'");
            $table->partialIndex(['approver_id', 'needs_attention', 'person_id', 'date'], 'entries_waiting', "state = 'submitted'");
            $table->check('minutes <> 0 and minutes between -1440 and 1440');
            $table->check('minutes > 0 or corrects is not null');
            $table->keepRows('settled_entries', 'settled time cannot be changed', which: ['state' => 'settled'], key: ['person_id', 'date', 'task_id', 'role_id' => 0, 'corrects' => '']);
        });
        Schema::create('remaining_estimates', static function (Blueprint $table): void {
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->foreignId('task_id')->constrained();
            $table->date('estimated_on');
            $table->unsignedInteger('remaining_minutes');
            $table->text('reason')->default('');
            $table->boolean('done')->default(false);
            // When and by whom it was made here; null where it came by files.
            $table->timestamp('entered_at')->nullable();
            $table->foreignId('entered_by_id')->nullable()->constrained('people');
            $table->unique(['task_id', 'person_id', 'estimated_on']);
            $table->index(['person_id', 'task_id', 'estimated_on'], 'remaining_estimates_of_person');
        });
        Schema::create('proposed_estimates', static function (Blueprint $table): void {
            // Remaining estimates that wait for the project manager, and what became of them.
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->foreignId('task_id')->constrained();
            $table->date('estimated_on');
            $table->timestamp('entered_at');
            $table->foreignId('entered_by_id')->constrained('people');
            $table->unsignedInteger('remaining_minutes');
            $table->boolean('done')->default(false);
            $table->text('reason')->default('');
            $table->enum('state', ['waiting', 'accepted', 'declined', 'withdrawn'])->default('waiting');
            $table->foreignId('decided_by_id')->nullable()->constrained('people');
            $table->timestamp('decided_at')->nullable();
            $table->text('comment')->default('');
            $table->key(['task_id', 'person_id'], 'proposed_estimates_key', "state = 'waiting'");
            $table->index(['task_id', 'estimated_on'], 'proposed_estimates_of_task');
            $table->check("(state = 'waiting') = (decided_at is null)");
        });
        Schema::create('day_spans', static function (Blueprint $table): void {
            // From when to when a person worked on a day, in minutes after midnight, and how long they paused.
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->date('date');
            $table->integer('starts_at');
            $table->integer('ends_at');
            $table->unsignedInteger('break_minutes')->default(0);
            $table->unique(['person_id', 'date']);
            $table->check('starts_at between 0 and 1439');
            $table->check('ends_at between 1 and 1440');
            $table->check('ends_at - starts_at > break_minutes');
        });
        Schema::create('sheet_choices', static function (Blueprint $table): void {
            // Lines added to a week or taken from it, and cells whose pencil was rubbed out (those have a date).
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->char('week', 8);
            $table->foreignId('task_id')->constrained();
            $table->foreignId('role_id')->nullable()->constrained();
            $table->date('date')->nullable();
            $table->enum('choice', ['added', 'removed', 'rubbed out']);
            $table->key(['person_id', 'week', 'task_id', 'role_id' => 0, 'date' => ''], 'sheet_choices_key');
            $table->index(['task_id'], 'sheet_choices_of_task');
            $table->check("(date is not null) = (choice = 'rubbed out')");
        });
        Schema::create('recorders', static function (Blueprint $table): void {
            // Whom a person lets record in their sheet.
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->foreignId('recorder_id')->constrained('people');
            $table->boolean('may_submit')->default(false);
            $table->unique(['person_id', 'recorder_id']);
            $table->index(['recorder_id'], 'recorders_by_recorder');
            $table->check('person_id <> recorder_id');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('recorders');
        Schema::dropIfExists('sheet_choices');
        Schema::dropIfExists('day_spans');
        Schema::dropIfExists('proposed_estimates');
        Schema::dropIfExists('remaining_estimates');
        Schema::dropIfExists('entries');
    }
};
