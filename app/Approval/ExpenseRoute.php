<?php

declare(strict_types=1);

namespace App\Approval;

use App\Models\Expense;
use App\Support\Database\Rows;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;

/** Expenses with what their route is made of: that of time on the same task. */
final class ExpenseRoute
{
    /** Rows of `RoutedEntry`; a caller says which. */
    public static function expenses(): Builder
    {
        return Expense::query()->toBase()
            ->join('tasks', 'tasks.id', 'expenses.task_id')
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->join('people', 'people.id', 'expenses.person_id')
            ->select('expenses.id', 'expenses.person_id', 'expenses.task_id', 'expenses.date', 'expenses.state', 'expenses.version', 'expenses.approvals', 'expenses.approver_id', 'expenses.last_decided_by_id')
            ->addSelect('tasks.project_id', 'projects.approval', 'projects.manager_id AS project_manager_id', 'people.manager_id AS line_manager_id')
            // No role, and no time.
            ->addSelect(Sql::none('role_id'), Sql::number(0, 'minutes'));
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, RoutedEntry> by expense
     */
    public static function of(array $ids): array
    {
        $routed = [];
        foreach (Rows::of(RoutedEntry::class, self::expenses()->whereIntegerInRaw('expenses.id', $ids)) as $one) {
            $routed[$one->id] = $one;
        }

        return $routed;
    }
}
