<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

use Moss\Core\Time\DayShares;
use Moss\Core\Time\DayUnit;
use Moss\Core\Time\Minutes;

/** A person's time counted in parts of days, each day being what is expected of it. */
final readonly class CountedDays
{
    public function __construct(private DayUnit $unit, private ExpectedHours $expected)
    {
    }

    /** Whether there is anything to take parts of: something is expected of the day. */
    public function isCounted(Day $day): bool
    {
        return $this->expected->on($day)->isMoreThan(Minutes::zero());
    }

    /** How many parts of its day an amount is; null where it is no whole number of them. */
    public function count(Day $day, Minutes $minutes): ?int
    {
        return $this->shares($day)->count($minutes);
    }

    /**
     * How many parts amounts on several days are together.
     *
     * @param  list<array{Day, Minutes}>  $amounts
     * @return int|null null where one of them is no whole number
     */
    public function sum(array $amounts): ?int
    {
        $sum = 0;
        foreach ($amounts as [$day, $minutes]) {
            $count = $this->count($day, $minutes);
            if ($count === null) {
                return null;
            }
            $sum += $count;
        }

        return $sum;
    }

    /**
     * What so many parts of a day are in minutes beside what is entered on it already, so that the parts of a day always add up
     * to what is expected of it.
     *
     * @param  int  $count  0 or more
     * @param  Minutes  $others  entered on the day on other lines
     */
    public function minutes(Day $day, int $count, Minutes $others): Minutes
    {
        $shares = $this->shares($day);
        $before = $shares->count($others);

        return $before === null || $count === 0 ? $shares->minutes($count) : $shares->minutes($before + $count)->minus($others);
    }

    private function shares(Day $day): DayShares
    {
        return new DayShares($this->unit, $this->expected->on($day));
    }
}
