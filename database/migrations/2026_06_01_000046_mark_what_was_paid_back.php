<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** By kind of statement, which expenses have been on one. */
    private const MARKS = ['reimbursement' => 'reimbursed', 'client' => 'billed'];

    public function up(): void
    {
        Schema::table('expenses', static function (Blueprint $table): void {
            $table->boolean('reimbursed')->default(false);
            $table->boolean('billed')->default(false);
            $table->releaseRows('settled_expenses');
        });
        foreach (self::MARKS as $kind => $mark) {
            DB::table('expenses')->whereIn('id', DB::table('expense_statement_lines')->where('kind', $kind)->select('expense_id'))->update([$mark => true]);
        }
        // What is outstanding is found without what has been paid back or charged, of which there is more every month.
        Schema::table('expenses', function (Blueprint $table): void {
            $table->partialIndex(['person_id', 'currency_id', 'state', 'date', 'gross_minor', 'gross_cents'], 'expenses_to_reimburse', 'own_money = 1 and reimbursed = 0');
            $table->partialIndex(['task_id', 'state', 'date'], 'expenses_to_bill', 'charged = 1 and billed = 0');
            $this->keep($table, array_values(array_diff(Schema::getColumnListing('expenses'), self::MARKS)));
        });
    }

    public function down(): void
    {
        Schema::table('expenses', static function (Blueprint $table): void {
            $table->releaseRows('settled_expenses');
            $table->dropIndex('expenses_to_reimburse');
            $table->dropIndex('expenses_to_bill');
        });
        Schema::dropColumns('expenses', array_values(self::MARKS));
        Schema::table('expenses', function (Blueprint $table): void {
            $this->keep($table, []);
        });
    }

    /** @param  list<string>  $columns  that do not change, or none for all */
    private function keep(Blueprint $table, array $columns): void
    {
        $table->keepRows('settled_expenses', 'settled expenses cannot be changed', which: ['state' => 'settled'], key: ['id'], columns: $columns);
    }
};
