<?php

declare(strict_types=1);

namespace App\Features\Figures\Queries;

use App\Features\Calendar\Queries\WorkingTime;
use App\Features\Projects\Queries\ProjectPlans;
use Moss\Core\Planning\PlannedTask;
use Moss\Core\Planning\Spread;

/** The plans of tasks laid over days, hours that nobody is assigned to with them. In four queries. */
final class PlannedDays
{
    /**
     * @param  list<int>  $tasks
     * @return list<array{task_id: int, date: string, planned_minutes: int}> those with time
     */
    public function of(array $tasks): array
    {
        $working = WorkingTime::load();
        $rows = [];
        foreach ((new ProjectPlans($working))->ofTasks($tasks) as $id => $task) {
            $minutes = [];
            foreach ($this->spreads($task, $working) as $spread) {
                foreach ($spread->byDay() as $date => $planned) {
                    $minutes[$date] = ($minutes[$date] ?? 0) + $planned->toInt();
                }
            }
            foreach ($minutes as $date => $planned) {
                $rows[] = ['task_id' => $id, 'date' => (string) $date, 'planned_minutes' => $planned];
            }
        }

        return $rows;
    }

    /** @return iterable<Spread> */
    private function spreads(PlannedTask $task, WorkingTime $working): iterable
    {
        foreach ($task->assignments as $assignment) {
            yield $assignment->spread();
        }
        // Without any dates there are no days on which hours could lie.
        if (! $task->unassigned()->isZero() && $task->days !== null) {
            yield Spread::over($task->unassigned(), $task->days, $working->ofOrganisation());
        }
    }
}
