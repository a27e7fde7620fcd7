<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Planning\Spread;
use Moss\Core\Time\Minutes;

/** Planned minutes of one subject. */
final readonly class PlannedTime
{
    /**
     * What a spread puts on days that a comparison looks at one by one.
     *
     * @param  DayRange  $days  among those of the comparison
     * @return iterable<ComparedAmount>
     */
    public static function spread(WorkItem $subject, Spread $spread, DayRange $days, ComparedDays $compared): iterable
    {
        foreach ($spread->byDay() as $date => $minutes) {
            $day = Day::of($date);
            if ($days->includes($day)) {
                yield self::summed($subject, $day, $minutes, $compared);
            }
        }
    }

    /** A sum of days that lie on one side of today. */
    public static function summed(WorkItem $subject, Day $day, Minutes $minutes, ComparedDays $compared): ComparedAmount
    {
        return new ComparedAmount($subject, $day, new ComparisonRow($minutes, $compared->isToDate($day) ? $minutes : Minutes::zero(), Minutes::zero(), Minutes::zero()));
    }
}
