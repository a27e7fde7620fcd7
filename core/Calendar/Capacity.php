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

    /**
     * The days that hold anything, in order.
     *
     * @return array<string, positive-int> minutes by `YYYY-MM-DD`
     */
    public function over(DayRange $days): array
    {
        // Plans lie over many days, so that this is done without an object for each of them.
        $patterns = $this->pattern->byFirstDay();
        $worked = $patterns[''];
        unset($patterns['']);
        $minutes = [];
        foreach ($days->weekdays() as $date => $weekday) {
            while (($from = array_key_first($patterns)) !== null && $from <= $date) {
                $worked = $patterns[$from];
                unset($patterns[$from]);
            }
            $held = $worked[$weekday] > 0 && $this->holidays->has($date) ? $this->on(Day::of($date))->toInt() : $worked[$weekday];
            if ($held > 0) {
                $minutes[$date] = $held;
            }
        }

        return $minutes;
    }

    public function on(Day $day): Minutes
    {
        $worked = $this->pattern->on($day);
        $holiday = $this->holidays->on($day);

        return $holiday === null ? $worked : $worked->minus($holiday->off($worked))->notBelowZero();
    }

    /** What the pattern asks of that weekday, holiday or not. */
    public function usualOn(Day $day): Minutes
    {
        return $this->pattern->on($day);
    }

    /** Whether the pattern asks for work on that weekday at all, holiday or not. */
    public function isWorkingDay(Day $day): bool
    {
        return ! $this->pattern->on($day)->isZero();
    }
}
