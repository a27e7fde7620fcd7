<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

/** When something is due that comes every week or every month. */
final readonly class DueDay
{
    /** A day that every month has. */
    public const LAST_OF_MONTH = 28;

    /**
     * The latest day up to today on which it was due.
     *
     * @param  PeriodUnit  $rhythm  week or month
     * @param  int  $day  weekday from 1 for Monday, or day of the month from 1 to 28
     */
    public static function latest(PeriodUnit $rhythm, int $day, Day $today): Day
    {
        $due = $rhythm->firstDay($today)->plusDays($day - 1);

        return $due->isAfter($today) ? $rhythm->firstDay($today, -1)->plusDays($day - 1) : $due;
    }
}
