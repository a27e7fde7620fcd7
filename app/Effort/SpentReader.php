<?php

declare(strict_types=1);

namespace App\Effort;

use App\Models\Expense;
use App\Models\Task;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Moss\Core\Effort\SpentMoney;
use Moss\Core\Money\Money;
use Moss\Core\Sheet\EntryState;

/** What was spent on tasks besides time, in one query: what is approved, and what else is entered and counts. */
final class SpentReader
{
    /** @return array<int, SpentMoney> by task, of those with expenses */
    public static function of(EffortScope $scope): array
    {
        $query = $scope->narrow(Expense::query()->counting()->toBase(), 'expenses.task_id')->groupBy('task_id', 'state')->select('task_id', 'state', Sql::sum('cost_cents', 'cents'));
        $sums = [];
        foreach (Record::all($query) as $record) {
            $of = $sums[$record->int('task_id')] ?? SpentMoney::nothing();
            $cents = Money::ofCents($record->int('cents'));
            $sums[$record->int('task_id')] = EntryState::from($record->string('state'))->isActual() ? new SpentMoney($of->actual->plus($cents), $of->pending) : new SpentMoney($of->actual, $of->pending->plus($cents));
        }

        return $sums;
    }

    /** In cents, beside each row of a query on projects: what is approved. */
    public static function actualOfProject(): Builder
    {
        return Expense::query()->counting(false)->toBase()->join('tasks', 'tasks.id', 'expenses.task_id')->whereColumn('tasks.project_id', 'projects.id')->select(Sql::total('expenses.cost_cents'));
    }

    /**
     * `project_id` and `cents`: what is entered, of some projects.
     *
     * @param  list<int>  $projects
     */
    public static function enteredByProject(array $projects): Builder
    {
        return self::byProject(Expense::query()->counting()->toBase()->whereIn('expenses.task_id', Task::query()->whereIntegerInRaw('project_id', $projects)->select('id')));
    }

    /** By task first, as the index has them, so that tasks are looked up once each. */
    private static function byProject(Builder $expenses): Builder
    {
        return Task::query()->toBase()->joinSub($expenses->groupBy('expenses.task_id')->select('expenses.task_id', Sql::sum('expenses.cost_cents', 'cents')), 'spent', 'spent.task_id', 'tasks.id')
            ->groupBy('tasks.project_id')->select('tasks.project_id', Sql::sum('spent.cents', 'cents'));
    }
}
