<?php

declare(strict_types=1);

namespace Moss\Core\Time;

/**
 * What half days or tenths of one day are in minutes. The parts of a day are as equal as whole minutes allow, and together
 * exactly what is expected of it: of 457 minutes the first half day has 229, the second 228.
 */
final readonly class DayShares
{
    /** @param  Minutes  $expected  of the day, not negative; with none, nothing can be counted on it */
    public function __construct(private DayUnit $unit, private Minutes $expected)
    {
    }

    /**
     * The first so many parts of the day. A whole day is what is expected of it.
     *
     * @param  int  $count  0 or more
     */
    public function minutes(int $count): Minutes
    {
        $parts = $this->unit->perDay();

        return Minutes::of(intdiv(2 * $count * $this->expected->toInt() + $parts, 2 * $parts));
    }

    /**
     * What several counts of one day are, each after the one before it.
     *
     * @template TKey of array-key
     *
     * @param  array<TKey, int>  $counts
     * @return array<TKey, Minutes> adding up to the minutes of the counts' sum
     */
    public function inOrder(array $counts): array
    {
        $shares = [];
        $counted = 0;
        foreach ($counts as $key => $count) {
            $shares[$key] = $this->minutes($counted + $count)->minus($this->minutes($counted));
            $counted += $count;
        }

        return $shares;
    }

    /** How many parts an amount is, wherever in the day they lie; null where it is no whole number of them. */
    public function count(Minutes $minutes): ?int
    {
        $expected = $this->expected->toInt();
        if ($minutes->isZero()) {
            return 0;
        }
        if ($expected <= 0) {
            return null;
        }
        $parts = $this->unit->perDay();
        $count = intdiv(2 * $minutes->toInt() * $parts + $expected, 2 * $expected);

        // Parts that begin later in the day may be one minute more or less than the first ones.
        return $count > 0 && abs($minutes->toInt() * $parts - $count * $expected) < $parts ? $count : null;
    }
}
