<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Features\Remaining\Props\LeftProps;
use Moss\Core\Effort\Holding;

/** What is left of the tasks of a week, as far as a person or their team holds them. */
final readonly class LeftOfTasks
{
    /**
     * @param  array<int, Holding>  $holdings  by task
     * @return list<LeftProps>
     */
    public static function of(array $holdings, SheetRecords $records): array
    {
        $asked = [];
        foreach ($records->assignments as $assignment) {
            $asked[$assignment->int('task_id')] = $assignment->intOrNull('asked');
        }
        $left = [];
        foreach ($holdings as $task => $holding) {
            // Non-project time comes to no end.
            if ($records->tasks[$task]->bool('internal')) {
                continue;
            }
            $isDoneForAll = $records->tasks[$task]->stringOrNull('done_on') !== null;
            $left[] = new LeftProps(
                $task,
                $holding->planned()->toInt(),
                $holding->entered()->toInt(),
                $isDoneForAll ? 0 : $holding->remaining()->toInt(),
                $holding->latestRestatement() !== null,
                $holding->holder->isTeam,
                $isDoneForAll || $holding->isDone(),
                $asked[$task] ?? null,
            );
        }

        return $left;
    }
}
