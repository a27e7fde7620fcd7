<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Planning\Spread;
use Moss\Core\Time\Minutes;

/**
 * How work goes over its weeks, from the first with a plan or a record to the last: plan and record as they are, then what
 * remains. The last week's sums are all that is assigned or unassigned, and the forecast.
 */
final readonly class Course
{
    /**
     * @param  list<TaskEffort>  $efforts
     * @param  iterable<RecordedWeek>  $recorded  everything entered on those tasks
     * @param  Capacity  $organisation  for hours that are nobody's
     * @return list<CourseWeek> none where nothing is planned or recorded
     */
    public static function of(array $efforts, iterable $recorded, Forecasting $forecasting, Capacity $organisation, Day $today): array
    {
        [$planned, $actual, $pending] = [[], [], []];
        foreach (self::spreads($efforts, $organisation, $today) as $spread) {
            self::addByWeek($planned, $spread->byDay());
        }
        $remaining = [];
        self::addByWeek($remaining, Outlook::of($efforts, $forecasting, $organisation, $today));
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
            $weeks[] = new CourseWeek(
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
     * @param  list<TaskEffort>  $efforts
     * @return iterable<Spread>
     */
    private static function spreads(array $efforts, Capacity $organisation, Day $today): iterable
    {
        foreach ($efforts as $effort) {
            foreach ($effort->task->assignments as $assignment) {
                yield $assignment->spread();
            }
            $unassigned = $effort->task->unassigned();
            if (! $unassigned->isZero()) {
                yield Spread::over($unassigned, $effort->task->days ?? Week::containing($today)->days(), $organisation);
            }
        }
    }

    /**
     * @param  array<string, int>  $weeks  by Monday
     * @param  array<string, Minutes>  $days
     */
    private static function addByWeek(array &$weeks, array $days): void
    {
        foreach ($days as $date => $minutes) {
            $monday = Week::containing(Day::of($date))->monday()->toString();
            $weeks[$monday] = ($weeks[$monday] ?? 0) + $minutes->toInt();
        }
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
