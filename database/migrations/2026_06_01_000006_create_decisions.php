<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('decisions', static function (Blueprint $table): void {
            // One act of deciding; nobody acted where time approved itself.
            $table->id();
            $table->timestamp('at');
            $table->foreignId('actor_id')->nullable()->constrained('people');
            $table->enum('decision', ['approve', 'return', 'approve itself']);
            $table->text('comment')->default('');
            $table->integer('entries');
            $table->integer('minutes');
            $table->timestamp('undone_at')->nullable();
            $table->index(['actor_id', 'at'], 'decisions_of_actor');
            $table->check('entries > 0');
        });
        Schema::create('decided_entries', static function (Blueprint $table): void {
            // What each entry was before a decision and has become, so that it can be undone until somebody else acts on it.
            $table->foreignId('decision_id')->constrained();
            $table->foreignId('entry_id')->constrained()->cascadeOnDelete();
            $table->integer('version');
            $table->integer('approvals_before');
            $table->foreignId('approver_before_id')->nullable()->constrained('people');
            $table->foreignId('decided_before_id')->nullable()->constrained('people');
            $table->primary(['decision_id', 'entry_id']);
            $table->index(['entry_id'], 'decided_entries_of_entry');
            $table->clustered();
        });
        Schema::create('phrases', static function (Blueprint $table): void {
            // Words that an approver keeps for returning.
            $table->id();
            $table->foreignId('person_id')->constrained('people');
            $table->text('phrase');
            $table->unique(['person_id', 'phrase']);
            $table->check('length(phrase) between 1 and 2000');
        });
        Schema::create('corrections', static function (Blueprint $table): void {
            // What somebody proposes in the place of approved or settled time. An entry that is corrected to nothing goes; what was
            // proposed for it stays.
            $table->id();
            $table->foreignId('entry_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('person_id')->constrained('people');
            $table->foreignId('task_id')->constrained();
            $table->foreignId('role_id')->nullable()->constrained();
            $table->date('date');
            $table->foreignId('proposed_by_id')->constrained('people');
            $table->timestamp('proposed_at');
            $table->integer('minutes_before');
            $table->integer('minutes');
            $table->text('reason');
            $table->enum('state', ['waiting', 'accepted', 'declined', 'withdrawn'])->default('waiting');
            // As on entries: null for the office.
            $table->foreignId('approver_id')->nullable()->constrained('people');
            $table->foreignId('decided_by_id')->nullable()->constrained('people');
            $table->timestamp('decided_at')->nullable();
            $table->text('comment')->default('');
            $table->key(['entry_id'], 'corrections_waiting_key', "state = 'waiting'");
            $table->partialIndex(['approver_id', 'person_id'], 'corrections_waiting', "state = 'waiting'");
            $table->index(['entry_id'], 'corrections_of_entry');
            $table->index(['person_id', 'date'], 'corrections_of_person');
            $table->check('minutes between 0 and 1440');
            $table->check('length(reason) > 0');
            $table->check("(state = 'waiting') = (decided_at is null)");
        });
        Schema::create('settling_entries', static function (Blueprint $table): void {
            // Approved entries of a period that was closed, until they are settled; by whom it was closed.
            $table->foreignId('entry_id')->primary()->constrained()->cascadeOnDelete();
            $table->foreignId('settled_by_id')->constrained('people');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('settling_entries');
        Schema::dropIfExists('corrections');
        Schema::dropIfExists('phrases');
        Schema::dropIfExists('decided_entries');
        Schema::dropIfExists('decisions');
    }
};
