<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

use Moss\Core\Time\Minutes;

/**
 * What a day holds for planning: the work pattern less public holidays; absences are not known when a plan is made.
 */
final readonly class Capacity
{
    public function __construct(private WorkPattern $pattern, private HolidayCalendar $holidays)
    {
    }

    public function on(Day $day): Minutes
    {
        $worked = $this->pattern->on($day);
        $holiday = $this->holidays->on($day);

        return $holiday === null ? $worked : $worked->minus($holiday->off($worked))->notBelowZero();
    }

    /** Whether the pattern asks for work on that weekday at all, holiday or not. */
    public function isWorkingDay(Day $day): bool
    {
        return ! $this->pattern->on($day)->isZero();
    }
}
