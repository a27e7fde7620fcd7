<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Moss\Core\Calendar\Day;

/** Planned time of one subject. */
final readonly class PlannedTime
{
    /**
     * @param  Day  $day  any of the days
     * @param  int  $minutes  planned, 0 or more
     * @param  int  $toDate  what of them lies on days up to today
     */
    public static function amount(WorkItem $subject, Day $day, int $minutes, int $toDate): ComparedAmount
    {
        return new ComparedAmount($subject, $day, new ComparisonRow($minutes, $toDate, 0, 0));
    }
}
