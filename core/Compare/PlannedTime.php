<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** Planned minutes of one subject. */
final readonly class PlannedTime
{
    /**
     * @param  Day  $day  any of the days
     * @param  Minutes  $toDate  what of them lies on days up to today
     */
    public static function amount(WorkItem $subject, Day $day, Minutes $minutes, Minutes $toDate): ComparedAmount
    {
        return new ComparedAmount($subject, $day, new ComparisonRow($minutes, $toDate, Minutes::zero(), Minutes::zero()));
    }
}
