<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('expense_decisions', static function (Blueprint $table): void {
            // One act of deciding on expenses.
            $table->id();
            $table->timestamp('at');
            $table->foreignId('actor_id')->constrained('people');
            $table->enum('decision', ['approve', 'return']);
            $table->text('comment')->default('');
            $table->unsignedInteger('expenses');
            $table->timestamp('undone_at')->nullable();
            $table->index(['actor_id', 'at'], 'expense_decisions_of_actor');
            $table->check('expenses > 0');
        });
        Schema::create('decided_expenses', static function (Blueprint $table): void {
            // What each expense was before a decision and has become, so that it can be undone until somebody else acts on it.
            $table->foreignId('expense_decision_id')->constrained();
            $table->foreignId('expense_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('version');
            $table->unsignedInteger('approvals_before');
            $table->foreignId('approver_before_id')->nullable()->constrained('people');
            $table->foreignId('decided_before_id')->nullable()->constrained('people');
            $table->primary(['expense_decision_id', 'expense_id']);
            $table->index(['expense_id'], 'decided_expenses_of_expense');
            $table->clustered();
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('decided_expenses');
        Schema::dropIfExists('expense_decisions');
    }
};
