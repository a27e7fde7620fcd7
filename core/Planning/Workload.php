<?php

declare(strict_types=1);

namespace Moss\Core\Planning;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Time\Minutes;

/**
 * The load of a person over some days, past and to come: what was entered on a day gone by, what is planned on one to come, and
 * the larger of both today.
 */
final readonly class Workload
{
    /**
     * Days are told by their place after the first: load is asked of thousands of people, of each on many days.
     *
     * @param  list<int>  $expected  minutes of every day in order
     * @param  array<int, int>  $planned  minutes by place, of days on which there is any
     * @param  array<int, int>  $entered  likewise, in any state
     * @param  int  $today  its place, which may lie before the first day or after the last
     */
    private function __construct(private Day $first, private array $expected, private array $planned, private array $entered, private int $today)
    {
    }

    /**
     * @param  Day  $first  of the days
     * @param  list<int>  $expected  minutes of every day in order
     * @param  array<int, int>  $planned  minutes by how many days after the first, of days on which there is any; those beyond the last do not count
     * @param  array<int, int>  $entered  likewise, in any state
     */
    public static function of(Day $first, array $expected, array $planned, array $entered, Day $today): self
    {
        return new self($first, $expected, $planned, $entered, $first->daysUntil($today));
    }

    /** The part of it that falls in a range. */
    public function within(DayRange $range): self
    {
        $from = max(0, $this->first->daysUntil($range->first()));
        $to = min(count($this->expected) - 1, $this->first->daysUntil($range->last()));
        [$expected, $planned, $entered] = [[], [], []];
        for ($place = $from; $place <= $to; $place++) {
            $expected[] = $this->expected[$place];
            $planned[] = $this->planned[$place] ?? 0;
            $entered[] = $this->entered[$place] ?? 0;
        }

        return new self($this->first->plusDays($from), $expected, $planned, $entered, $this->today - $from);
    }

    public function expected(): Minutes
    {
        return Minutes::of(array_sum($this->expected));
    }

    public function planned(): Minutes
    {
        return Minutes::of(array_sum(array_intersect_key($this->planned, $this->expected)));
    }

    public function entered(): Minutes
    {
        return Minutes::of(array_sum(array_intersect_key($this->entered, $this->expected)));
    }

    public function load(): Minutes
    {
        $today = $this->today;
        $sum = isset($this->expected[$today]) ? $this->loadOf($today) : 0;
        // Asked of everybody: only days on which there is any are looked at.
        foreach ($this->entered as $place => $minutes) {
            $sum += $place < $today && isset($this->expected[$place]) ? $minutes : 0;
        }
        foreach ($this->planned as $place => $minutes) {
            $sum += $place > $today && isset($this->expected[$place]) ? $minutes : 0;
        }

        return Minutes::of($sum);
    }

    /** By how much days together exceed what they ask; a long day is made up for by a short one. */
    public function over(): Minutes
    {
        return $this->load()->minus($this->expected())->notBelowZero();
    }

    /** What is free on the days to come, each for itself. */
    public function free(): Minutes
    {
        $today = $this->today;
        $sum = isset($this->expected[$today]) ? $this->freeOf($today, $this->expected[$today]) : 0;
        $sum += array_sum(array_slice($this->expected, max(0, $today + 1)));
        // Likewise.
        foreach ($this->planned as $place => $minutes) {
            if ($place > $today) {
                $expected = $this->expected[$place] ?? 0;
                $sum -= $minutes < $expected ? $minutes : $expected;
            }
        }

        return Minutes::of($sum);
    }

    /** @return array<string, Minutes> by how much the load of a day exceeds what is expected, by `YYYY-MM-DD`; those on which it does */
    public function daysOver(): array
    {
        $over = [];
        foreach ($this->expected as $place => $expected) {
            $more = $this->loadOf($place) - $expected;
            if ($more > 0) {
                $over[$this->first->plusDays($place)->toString()] = Minutes::of($more);
            }
        }

        return $over;
    }

    /** The first day by which so much is free; null where it never is. */
    public function freeBy(Minutes $needed): ?Day
    {
        $free = 0;
        foreach ($this->expected as $place => $expected) {
            $free += $this->freeOf($place, $expected);
            if ($free >= $needed->toInt()) {
                return $this->first->plusDays($place);
            }
        }

        return null;
    }

    private function loadOf(int $place): int
    {
        [$planned, $entered] = [$this->planned[$place] ?? 0, $this->entered[$place] ?? 0];

        return match (true) {
            $place < $this->today => $entered,
            $place > $this->today => $planned,
            default => max($planned, $entered),
        };
    }

    /** What is left of a day for more; nothing once it is gone by. */
    private function freeOf(int $place, int $expected): int
    {
        return $place < $this->today ? 0 : max(0, $expected - $this->loadOf($place));
    }
}
