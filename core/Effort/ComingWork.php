<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Planning\Capacities;
use Moss\Core\Planning\Spread;
use Moss\Core\Time\Minutes;

/**
 * When what remains may be done: each assignee's rest laid over the days that the plan still gives them, in proportion to
 * what those days hold; what is late, over the week that follows.
 */
final readonly class ComingWork
{
    private const LATE = 7;

    /**
     * @param  iterable<TaskEffort>  $efforts
     * @return array<string, Minutes> by `YYYY-MM-DD`, days after today in order; together they are what remains
     */
    public static function of(iterable $efforts, Forecasting $forecasting, Capacities $capacities, Day $today): array
    {
        $byDay = [];
        foreach ($efforts as $effort) {
            foreach ($forecasting->ofAssignees($effort) as $part) {
                if ($part->figures->remaining->isZero()) {
                    continue;
                }
                $days = $effort->task->days;
                foreach ($effort->assigneeEfforts as $assigneeEffort) {
                    if ($part->assignee !== null && $assigneeEffort->assignee->key() === $part->assignee->key()) {
                        $days = DayRange::between($assigneeEffort->firstPlannedDay(), $assigneeEffort->lastAssignment()->days->last());
                    }
                }
                foreach (Spread::over($part->figures->remaining, self::rest($days, $today), $capacities->for($part->assignee))->byDay() as $date => $minutes) {
                    $byDay[$date] = ($byDay[$date] ?? Minutes::zero())->plus($minutes);
                }
            }
        }
        ksort($byDay, SORT_STRING);

        return $byDay;
    }

    private static function rest(?DayRange $days, Day $today): DayRange
    {
        $tomorrow = $today->plusDays(1);
        if ($days === null || ! $days->last()->isAfter($today)) {
            return DayRange::between($tomorrow, $today->plusDays(self::LATE));
        }

        return DayRange::between(Day::later($tomorrow, $days->first()), $days->last());
    }
}
