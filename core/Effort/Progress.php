<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Time\Minutes;

/**
 * How work goes over its weeks, from the first with a plan or a record to the last: plan and record as they are, then what
 * remains. The last week's sums are all that is planned, and the forecast.
 */
final readonly class Progress
{
    /**
     * @param  array<string, Minutes>  $planned  by `YYYY-MM-DD`, as spread
     * @param  iterable<RecordedWeek>  $recorded  everything entered
     * @param  array<string, Minutes>  $remaining  by `YYYY-MM-DD`, when what remains may be done
     * @return list<ProgressWeek> none where nothing is planned or recorded
     */
    public static function of(array $planned, iterable $recorded, array $remaining): array
    {
        [$planned, $remaining, $actual, $pending] = [self::byWeek($planned), self::byWeek($remaining), [], []];
        foreach ($recorded as $week) {
            $monday = $week->week->monday()->toString();
            $actual[$monday] = ($actual[$monday] ?? 0) + $week->actual->toInt();
            $pending[$monday] = ($pending[$monday] ?? 0) + $week->pending->toInt();
        }
        $weeks = [];
        [$plannedSoFar, $forecastSoFar] = [0, 0];
        foreach (self::weeks([...array_keys($planned), ...array_keys($actual), ...array_keys($remaining)]) as $monday => $week) {
            $plannedSoFar += $planned[$monday] ?? 0;
            $forecastSoFar += ($actual[$monday] ?? 0) + ($pending[$monday] ?? 0) + ($remaining[$monday] ?? 0);
            $weeks[] = new ProgressWeek(
                $week,
                Minutes::of($planned[$monday] ?? 0),
                Minutes::of($actual[$monday] ?? 0),
                Minutes::of($pending[$monday] ?? 0),
                Minutes::of($remaining[$monday] ?? 0),
                Minutes::of($plannedSoFar),
                Minutes::of($forecastSoFar),
            );
        }

        return $weeks;
    }

    /**
     * @param  array<string, Minutes>  $days
     * @return array<string, int> by Monday
     */
    private static function byWeek(array $days): array
    {
        ksort($days, SORT_STRING);
        [$weeks, $monday, $sunday] = [[], '', ''];
        foreach ($days as $date => $minutes) {
            if ($date > $sunday) {
                $week = Week::containing(Day::of($date));
                [$monday, $sunday] = [$week->monday()->toString(), $week->sunday()->toString()];
            }
            $weeks[$monday] = ($weeks[$monday] ?? 0) + $minutes->toInt();
        }

        return $weeks;
    }

    /**
     * @param  list<string>  $mondays
     * @return array<string, Week> every week from the first to the last, by its Monday
     */
    private static function weeks(array $mondays): array
    {
        if ($mondays === []) {
            return [];
        }
        $weeks = [];
        $last = max($mondays);
        for ($week = Week::containing(Day::of(min($mondays))); $week->monday()->toString() <= $last; $week = $week->plusWeeks(1)) {
            $weeks[$week->monday()->toString()] = $week;
        }

        return $weeks;
    }
}
