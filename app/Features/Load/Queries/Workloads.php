<?php

declare(strict_types=1);

namespace App\Features\Load\Queries;

use App\Effort\Totals\PlannedTotals;
use App\Models\PlannedWeek;
use App\Sheet\EntriesOfMany;
use App\Sheet\ExpectedDaysOfMany;
use App\Support\Database\StreamedRows;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\WeekPart;
use Moss\Core\Planning\Workload;

/** The load of any number of people over some days, in six queries. */
final class Workloads
{
    /** So many people are named in a query; where they are more, what others have is left out here. */
    private const FEW = 1500;

    /**
     * With everything that was planned and entered on each day.
     *
     * @param  list<LoadedPerson>  $people
     * @return array<int, Workload> by person, in their order
     */
    public static function of(array $people, DayRange $days, Day $today): array
    {
        return self::made($people, $days, $today, $days, $days);
    }

    /**
     * As far as it says what is over and free: what was entered up to today, and what is planned from then on. Of everybody, that is
     * much less.
     *
     * @param  list<LoadedPerson>  $people
     * @return array<int, Workload> by person, in their order
     */
    public static function inSum(array $people, DayRange $days, Day $today): array
    {
        $toCome = $today->isAfter($days->last()) ? null : DayRange::between(Day::later($today, $days->first()), $days->last());

        return self::made($people, $days, $today, $toCome, $days->upTo($today));
    }

    /**
     * @param  list<LoadedPerson>  $people
     * @param  DayRange|null  $planned  of which days what is planned is read
     * @param  DayRange|null  $entered  likewise
     * @return array<int, Workload>
     */
    private static function made(array $people, DayRange $days, Day $today, ?DayRange $planned, ?DayRange $entered): array
    {
        if ($people === []) {
            return [];
        }
        $ids = array_map(static fn (LoadedPerson $person): int => $person->id, $people);
        $expected = ExpectedDaysOfMany::during(array_column($people, 'workTime'), $days);
        $first = $days->first();
        $plannedOf = $planned === null ? [] : self::planned($ids, $planned, $first, $today);
        $enteredOf = $entered === null ? [] : self::entered($ids, $entered, $first);
        $loads = [];
        foreach ($people as $person) {
            $loads[$person->id] = Workload::of($first, $expected->byDay($person->workTime, $days), $plannedOf[$person->id] ?? [], $enteredOf[$person->id] ?? [], $today);
        }

        return $loads;
    }

    /**
     * What is planned on each day; of days to come not what is planned on tasks that are done or projects that are closed.
     *
     * @param  list<int>  $people
     * @param  Day  $origin  from which days are counted
     * @return array<int, array<int, int>> minutes by person and day
     */
    private static function planned(array $people, DayRange $days, Day $origin, Day $today): array
    {
        $columns = array_slice(PlannedTotals::COLUMNS, 1);
        $weeks = PlannedWeek::query()->toBase()
            ->when(count($people) <= self::FEW, static fn (Builder $few): Builder => $few->whereIntegerInRaw('planned_weeks.person_id', $people))
            ->join('tasks', 'tasks.id', 'planned_weeks.task_id')->join('projects', 'projects.id', 'tasks.project_id')
            ->whereBetween('planned_weeks.starts_on', [WeekPart::containing($days->first())->toString(), $days->last()->toString()])
            ->select('planned_weeks.person_id', 'planned_weeks.starts_on', 'tasks.done_on', 'projects.state', ...array_map(static fn (string $column): string => 'planned_weeks.'.$column, $columns));
        $planned = [];
        $parts = [];
        $now = $origin->daysUntil($today);
        foreach (StreamedRows::of($weeks) as $row) {
            /** @var array{int, string, string|null, string, int, int, int, int, int, int, int} $row */
            [$person, $first, $done, $state] = $row;
            $isOpen = $done === null && $state === 'open';
            foreach ($parts[$first] ??= self::daysOf($first, $origin) as $column => $place) {
                if ($row[$column] > 0 && ($isOpen || $place <= $now)) {
                    $planned[$person][$place] = ($planned[$person][$place] ?? 0) + $row[$column];
                }
            }
        }

        return $planned;
    }

    /** @return array<int<4, 10>, int> the days of a week part, by the columns of their weekdays */
    private static function daysOf(string $first, Day $origin): array
    {
        $days = [];
        foreach (WeekPart::containing(Day::of($first))->days() as $day) {
            $days[max(4, min(10, 3 + $day->weekday()))] = $origin->daysUntil($day);
        }

        return $days;
    }

    /**
     * @param  list<int>  $people
     * @return array<int, array<int, int>> minutes by person and day
     */
    private static function entered(array $people, DayRange $days, Day $origin): array
    {
        $entered = [];
        $places = [];
        // Adding them up here takes less than sorting them would.
        foreach (StreamedRows::of(EntriesOfMany::during($people, $days)->select('person_id', 'date', 'minutes')) as $row) {
            /** @var array{int, string, int} $row */
            [$person, $date, $minutes] = $row;
            $place = $places[$date] ??= $origin->daysUntil(Day::of($date));
            $entered[$person][$place] = ($entered[$person][$place] ?? 0) + $minutes;
        }

        return $entered;
    }
}
