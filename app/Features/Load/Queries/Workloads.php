<?php

declare(strict_types=1);

namespace App\Features\Load\Queries;

use App\Effort\Totals\PlannedTotals;
use App\Models\Entry;
use App\Models\PlannedWeek;
use App\Sheet\ExpectedDaysOfMany;
use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\WeekPart;
use Moss\Core\Planning\Workload;

/** The load of any number of people over some days, in six queries. */
final class Workloads
{
    /**
     * @param  list<LoadedPerson>  $people
     * @return array<int, Workload> by person, in their order
     */
    public static function of(array $people, DayRange $days, Day $today): array
    {
        if ($people === []) {
            return [];
        }
        $ids = array_map(static fn (LoadedPerson $person): int => $person->id, $people);
        $expected = ExpectedDaysOfMany::during(array_column($people, 'workTime'), $days);
        $planned = self::planned($ids, $days, $today);
        $entered = self::entered($ids, $days);
        $loads = [];
        foreach ($people as $person) {
            $loads[$person->id] = Workload::of($expected->byDay($person->workTime, $days), $planned[$person->id] ?? [], $entered[$person->id] ?? [], $today);
        }

        return $loads;
    }

    /**
     * What is planned on each day; of days to come not what is planned on tasks that are done or projects that are closed.
     *
     * @param  list<int>  $people
     * @return array<int, array<string, int>> minutes by person and day
     */
    private static function planned(array $people, DayRange $days, Day $today): array
    {
        $weeks = PlannedWeek::query()->toBase()->join('tasks', 'tasks.id', 'planned_weeks.task_id')->join('projects', 'projects.id', 'tasks.project_id')
            ->whereIntegerInRaw('planned_weeks.person_id', $people)
            ->whereBetween('planned_weeks.starts_on', [WeekPart::containing($days->first())->toString(), $days->last()->toString()])
            ->select('planned_weeks.person_id', 'planned_weeks.starts_on', 'tasks.done_on', 'projects.state', ...array_map(static fn (string $column): string => 'planned_weeks.'.$column, array_slice(PlannedTotals::COLUMNS, 1)));
        $planned = [];
        $parts = [];
        foreach (StreamedRows::of($weeks) as $row) {
            /** @var array{int, string, string|null, string, int, int, int, int, int, int, int} $row */
            [$person, $first, $done, $state] = $row;
            $isOpen = $done === null && $state === 'open';
            foreach ($parts[$first] ??= self::daysOf($first) as [$text, $weekday]) {
                $minutes = $row[3 + $weekday];
                if ($minutes > 0 && ($isOpen || $text <= $today->toString())) {
                    $planned[$person][$text] = ($planned[$person][$text] ?? 0) + $minutes;
                }
            }
        }

        return $planned;
    }

    /** @return list<array{string, int<1, 7>}> the days of a week part with their weekdays */
    private static function daysOf(string $first): array
    {
        $days = [];
        foreach (WeekPart::containing(Day::of($first))->days() as $day) {
            $days[] = [$day->toString(), max(1, min(7, $day->weekday()))];
        }

        return $days;
    }

    /**
     * @param  list<int>  $people
     * @return array<int, array<string, int>> minutes by person and day
     */
    private static function entered(array $people, DayRange $days): array
    {
        $entered = [];
        $sums = Entry::query()->toBase()->whereIntegerInRaw('person_id', $people)->whereBetween('date', [$days->first()->toString(), $days->last()->toString()])
            ->groupBy('person_id', 'date')->select('person_id', 'date')->addSelect(Sql::sum('minutes', 'minutes'));
        foreach (StreamedRows::of($sums) as $row) {
            /** @var array{int, string, int} $row */
            $entered[$row[0]][$row[1]] = $row[2];
        }

        return $entered;
    }
}
