<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('expense_statements', static function (Blueprint $table): void {
            // What people were paid back, or a client was charged, in one go; it never changes.
            $table->id();
            $table->enum('kind', ['reimbursement', 'client']);
            $table->foreignId('client_id')->nullable()->constrained();
            $table->date('starts_on');
            $table->date('ends_on');
            $table->foreignId('made_by_id')->constrained('people');
            $table->timestamp('made_at');
            $table->unsignedInteger('expenses');
            $table->integer('amount_cents');
            $table->index(['kind', 'ends_on'], 'expense_statements_by_day');
            $table->check("(kind = 'client') = (client_id is not null)");
        });
        Schema::create('expense_statement_lines', static function (Blueprint $table): void {
            // An expense in a statement; each is paid back once, and charged once.
            $table->id();
            $table->foreignId('expense_statement_id')->constrained();
            $table->enum('kind', ['reimbursement', 'client']);
            $table->foreignId('expense_id')->constrained();
            $table->integer('amount_cents');
            $table->unique(['expense_id', 'kind']);
            $table->index(['expense_statement_id'], 'expense_statement_lines_of_statement');
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('expense_statement_lines');
        Schema::dropIfExists('expense_statements');
    }
};
