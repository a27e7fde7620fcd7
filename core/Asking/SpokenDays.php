<?php

declare(strict_types=1);

namespace Moss\Core\Asking;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\NotADay;

/** Days that words name: `12 june`, `june 2026`, `week 23`, `q2`, `h1`; which year's, they may leave open. */
final readonly class SpokenDays
{
    /** Leap years are at most eight years apart, and so are years of 53 weeks. */
    private const YEARS = 8;

    /**
     * @param  int  $number  of the week, month, quarter or half within the year; of a day, its month
     * @param  int  $day  of the month; 1 for all but days
     * @param  int|null  $year  null where it is left open
     */
    public function __construct(private SpokenUnit $unit, private int $number, private int $day, public ?int $year)
    {
    }

    /** Another day of the same month, where a day of it is named: the first of `1 to 12 june`. */
    public function onDay(int $day): ?self
    {
        return $this->unit === SpokenUnit::Day ? new self(SpokenUnit::Day, $this->number, $day, $this->year) : null;
    }

    /** The latest of them that have begun by a day; null where there are none. */
    public function begunBy(Day $day): ?DayRange
    {
        if ($this->year !== null) {
            return $this->in($this->year);
        }
        // Week 1 may begin in the year before.
        for ($year = $day->year() + 1; $year >= $day->year() - self::YEARS; $year--) {
            $days = $this->in($year);
            if ($days !== null && ! $days->first()->isAfter($day)) {
                return $days;
            }
        }

        return null;
    }

    /** The first of them that do not end before a day; null where there are none. */
    public function from(Day $day): ?DayRange
    {
        if ($this->year !== null) {
            return $this->in($this->year);
        }
        for ($year = $day->year(); $year <= $day->year() + self::YEARS; $year++) {
            $days = $this->in($year);
            if ($days !== null && ! $days->last()->isBefore($day)) {
                return $days;
            }
        }

        return null;
    }

    private function in(int $year): ?DayRange
    {
        try {
            return $this->unit->in($year, $this->number, $this->day);
        } catch (NotADay) {
            return null;
        }
    }
}
