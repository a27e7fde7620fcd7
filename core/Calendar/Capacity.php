<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

use Moss\Core\Time\Minutes;

/**
 * What a day holds for planning: the work pattern less public holidays; absences are not known when a plan is made.
 */
final class Capacity
{
    /** @var array<int, array{string, int}> days that were asked for, by their number: the date and its minutes */
    private array $known = [];

    public function __construct(private readonly WorkPattern $pattern, private readonly HolidayCalendar $holidays)
    {
    }

    /**
     * The days that hold anything, in order. Plans lie over the same days again and again, so each is worked out once.
     *
     * @return array<string, positive-int> minutes by `YYYY-MM-DD`
     */
    public function over(DayRange $days): array
    {
        $minutes = [];
        $first = $days->first();
        for ($number = $first->number(), $last = $days->last()->number(); $number <= $last; $number++) {
            [$date, $held] = $this->known[$number] ??= $this->known($first->plusDays($number - $first->number()));
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

    /** @return array{string, int} */
    private function known(Day $day): array
    {
        return [$day->toString(), $this->on($day)->toInt()];
    }

    /** Whether the pattern asks for work on that weekday at all, holiday or not. */
    public function isWorkingDay(Day $day): bool
    {
        return ! $this->pattern->on($day)->isZero();
    }
}
