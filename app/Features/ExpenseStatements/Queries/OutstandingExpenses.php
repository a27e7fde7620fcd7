<?php

declare(strict_types=1);

namespace App\Features\ExpenseStatements\Queries;

use App\Models\Expense;
use App\Models\ExpenseStatementKind;
use App\Support\Database\ByIndex;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\EntryState;

/** Approved and settled expenses that were not paid back, or charged, yet; also those of days before, that were approved late. */
final class OutstandingExpenses
{
    /** @param  int|null  $client  whose projects; needed for what is charged */
    public static function of(ExpenseStatementKind $kind, ?int $client, Day $until): Builder
    {
        // Said as the index says it, which holds these alone.
        return ($kind === ExpenseStatementKind::Client ? Expense::query()->toBase() : ByIndex::of('expenses', 'expenses_to_reimburse'))
            ->where('expenses.'.$kind->mark(), Sql::value(0))
            ->whereIn('expenses.state', [EntryState::Approved->value, EntryState::Settled->value])->where('expenses.date', '<=', $until->toString())
            ->when($kind === ExpenseStatementKind::Reimbursement, static fn (Builder $own): Builder => $own->where('expenses.own_money', Sql::value(1)))
            ->when($kind === ExpenseStatementKind::Client, static fn (Builder $charged): Builder => $charged->join('tasks', 'tasks.id', 'expenses.task_id')->join('projects', 'projects.id', 'tasks.project_id')->where('expenses.charged', Sql::value(1))->where('projects.client_id', $client));
    }

    /** By which what is outstanding is recognised, so that nothing is settled unseen. */
    public static function seen(int $expenses, int $cents): string
    {
        return $expenses.' '.$cents;
    }

    /** The column that is paid back gross, or charged as the project bears it. */
    public static function amount(ExpenseStatementKind $kind): string
    {
        return $kind === ExpenseStatementKind::Reimbursement ? 'expenses.gross_cents' : 'expenses.cost_cents';
    }
}
