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
     * @param  array<string, int>  $expected  minutes by `YYYY-MM-DD`, of every day in order
     * @param  array<string, int>  $planned  likewise, of days on which there is any
     * @param  array<string, int>  $entered  likewise, in any state
     * @param  string  $today  `YYYY-MM-DD`
     */
    private function __construct(private array $expected, private array $planned, private array $entered, private string $today)
    {
    }

    /**
     * @param  array<string, int>  $expected  minutes by `YYYY-MM-DD`, of every day in order
     * @param  array<string, int>  $planned  likewise, of days on which there is any
     * @param  array<string, int>  $entered  likewise, in any state
     */
    public static function of(array $expected, array $planned, array $entered, Day $today): self
    {
        return new self($expected, $planned, $entered, $today->toString());
    }

    /** The part of it that falls in a range. */
    public function within(DayRange $range): self
    {
        [$first, $last] = [$range->first()->toString(), $range->last()->toString()];

        return new self(array_filter($this->expected, static fn (string $day): bool => $day >= $first && $day <= $last, ARRAY_FILTER_USE_KEY), $this->planned, $this->entered, $this->today);
    }

    public function expected(): Minutes
    {
        return Minutes::of(array_sum($this->expected));
    }

    public function planned(): Minutes
    {
        return $this->sum(fn (string $day): int => $this->planned[$day] ?? 0);
    }

    public function entered(): Minutes
    {
        return $this->sum(fn (string $day): int => $this->entered[$day] ?? 0);
    }

    public function load(): Minutes
    {
        $sum = isset($this->expected[$this->today]) ? $this->loadOf($this->today) : 0;
        // Asked of everybody: only days on which there is any are looked at.
        foreach ($this->entered as $day => $minutes) {
            $sum += $day < $this->today && isset($this->expected[$day]) ? $minutes : 0;
        }
        foreach ($this->planned as $day => $minutes) {
            $sum += $day > $this->today && isset($this->expected[$day]) ? $minutes : 0;
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
        $sum = isset($this->expected[$this->today]) ? $this->freeOf($this->today, $this->expected[$this->today]) : 0;
        foreach ($this->expected as $day => $expected) {
            $sum += $day > $this->today ? $expected : 0;
        }
        // Likewise.
        foreach ($this->planned as $day => $minutes) {
            if ($day > $this->today) {
                $expected = $this->expected[$day] ?? 0;
                $sum -= $minutes < $expected ? $minutes : $expected;
            }
        }

        return Minutes::of($sum);
    }

    /** @return array<string, Minutes> by how much the load of a day exceeds what is expected, by `YYYY-MM-DD`; those on which it does */
    public function daysOver(): array
    {
        $over = [];
        foreach ($this->expected as $day => $expected) {
            $more = $this->loadOf($day) - $expected;
            if ($more > 0) {
                $over[$day] = Minutes::of($more);
            }
        }

        return $over;
    }

    /** The first day by which so much is free; null where it never is. */
    public function freeBy(Minutes $needed): ?Day
    {
        $free = 0;
        foreach ($this->expected as $day => $expected) {
            $free += $this->freeOf($day, $expected);
            if ($free >= $needed->toInt()) {
                return Day::of($day);
            }
        }

        return null;
    }

    private function loadOf(string $day): int
    {
        [$planned, $entered] = [$this->planned[$day] ?? 0, $this->entered[$day] ?? 0];

        return match (true) {
            $day < $this->today => $entered,
            $day > $this->today => $planned,
            default => max($planned, $entered),
        };
    }

    /** What is left of a day for more; nothing once it is gone by. */
    private function freeOf(string $day, int $expected): int
    {
        return $day < $this->today ? 0 : max(0, $expected - $this->loadOf($day));
    }

    /** @param  callable(string): int  $figure */
    private function sum(callable $figure): Minutes
    {
        $sum = 0;
        foreach (array_keys($this->expected) as $day) {
            $sum += $figure($day);
        }

        return Minutes::of($sum);
    }
}
