<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Features\Remaining\Props\TaskRemainingProps;
use Moss\Core\Effort\AssigneeEffort;

/** The remaining hours of the tasks of a week that are assigned to a person or their team. */
final readonly class RemainingOfTasks
{
    /**
     * @param  array<int, AssigneeEffort>  $assigneeEfforts  by task
     * @return list<TaskRemainingProps>
     */
    public static function of(array $assigneeEfforts, SheetRecords $records): array
    {
        $asked = [];
        foreach ($records->assignments as $assignment) {
            $asked[$assignment->line->taskId] = $assignment->asked;
        }
        $remaining = [];
        foreach ($assigneeEfforts as $task => $assigneeEffort) {
            // Non-project time comes to no end.
            if ($records->tasks[$task]->internal) {
                continue;
            }
            $isDoneForAll = $records->tasks[$task]->doneOn !== null;
            $remaining[] = new TaskRemainingProps(
                $task,
                $assigneeEffort->planned()->toInt(),
                $assigneeEffort->entered()->toInt(),
                $isDoneForAll ? 0 : $assigneeEffort->remaining()->toInt(),
                $assigneeEffort->latestEstimate() !== null,
                $assigneeEffort->assignee->isTeam,
                $isDoneForAll || $assigneeEffort->isDone(),
                $asked[$task] ?? null,
            );
        }

        return $remaining;
    }
}
