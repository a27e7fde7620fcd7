<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Queries;

use App\Effort\SpentReader;
use App\Models\ProjectFigures;
use App\Models\Rate;
use App\Models\Task;
use App\Support\Database\Record;

/** Which projects have a budget that is less than all that is entered on them costs, expenses included, at the rates that are known. */
final class SpentBudgets
{
    /**
     * @param  list<int>  $projects
     * @return array<int, true> by project id
     */
    public static function among(array $projects): array
    {
        $query = ProjectFigures::query()->toBase()->leftJoinSub(SpentReader::enteredByProject($projects), 'spent', 'spent.project_id', 'project_figures.project_id')
            ->whereIntegerInRaw('project_figures.project_id', $projects)
            ->whereRaw('actual_cents + pending_cents + coalesce(spent.cents, 0) > budget_cents')
            ->whereExists(Task::query()->toBase()->whereColumn('tasks.project_id', 'project_figures.project_id')->whereNotNull('tasks.budget_cents'))
            // Without rates nothing costs anything; what is stored then are hours.
            ->whereExists(Rate::query()->toBase())
            ->select('project_figures.project_id');
        $spent = [];
        foreach (Record::all($query) as $record) {
            $spent[$record->int('project_id')] = true;
        }

        return $spent;
    }
}
