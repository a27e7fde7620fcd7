<?php

declare(strict_types=1);

namespace Moss\Core\Planning;

use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Time\Minutes;

/**
 * Planned minutes laid over days in tidy steps of 15 minutes, in proportion to each day's capacity.
 *
 * Shares are whole steps by largest remainder (Hamilton's method), ties to the earlier day; what is less than a step
 * goes to the last day that has time by then. The parts always sum to the whole.
 * Example: 7 h over five days of 8 h are 1:30, 1:30, 1:30, 1:15, 1:15.
 */
final readonly class Spread
{
    private const STEP = 15;

    /** @param  array<string, Minutes>  $byDay  by `YYYY-MM-DD`, days in order, none with 0 */
    private function __construct(private array $byDay)
    {
    }

    public static function over(Minutes $planned, DayRange $days, Capacity $capacity): self
    {
        return self::overHeld($planned, $days, $capacity->over($days));
    }

    /** @param  array<string, positive-int>  $held  what the days hold, as capacity says it */
    public static function overHeld(Minutes $planned, DayRange $days, array $held): self
    {
        $shares = self::shares($planned->toInt(), $held === [] ? [$days->first()->toString() => 1] : $held);

        return new self(array_map(Minutes::of(...), array_filter($shares, static fn (int $share): bool => $share > 0)));
    }

    public function on(Day $day): Minutes
    {
        return $this->byDay[$day->toString()] ?? Minutes::zero();
    }

    /** The sum over days, first and last included. */
    public function within(DayRange $days): Minutes
    {
        [$first, $last] = [$days->first()->toString(), $days->last()->toString()];
        $sum = 0;
        foreach ($this->byDay as $day => $minutes) {
            if ($day >= $first && $day <= $last) {
                $sum += $minutes->toInt();
            }
        }

        return Minutes::of($sum);
    }

    /** @return array<string, Minutes> by `YYYY-MM-DD`, days in order, only those with time */
    public function byDay(): array
    {
        return $this->byDay;
    }

    /**
     * @param  non-empty-array<string, positive-int>  $capacities
     * @return non-empty-array<string, int>
     */
    private static function shares(int $planned, array $capacities): array
    {
        $steps = intdiv($planned, self::STEP);
        $whole = array_sum($capacities);
        $shares = [];
        $fractions = [];
        $given = 0;
        foreach ($capacities as $day => $capacity) {
            $quota = intdiv($steps * $capacity, $whole);
            $shares[$day] = $quota * self::STEP;
            $fractions[$day] = $steps * $capacity - $quota * $whole;
            $given += $quota;
        }
        if ($given < $steps) {
            // arsort is stable: equal fractions stay in the order of their days.
            arsort($fractions);
            foreach (array_slice(array_keys($fractions), 0, $steps - $given) as $day) {
                $shares[$day] += self::STEP;
            }
        }
        $rest = $planned % self::STEP;
        if ($rest > 0) {
            $shares[self::dayOfTheRest($shares)] += $rest;
        }

        return $shares;
    }

    /** @param  non-empty-array<string, int>  $shares */
    private static function dayOfTheRest(array $shares): string
    {
        $withTime = array_keys(array_filter($shares, static fn (int $share): bool => $share > 0));

        return $withTime === [] ? array_key_first($shares) : $withTime[count($withTime) - 1];
    }
}
