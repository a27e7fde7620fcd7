<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Effort\Totals\PlannedTotals;
use App\Models\PlannedWeek;
use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\WeekPart;
use Moss\Core\Compare\ComparedAmount;
use Moss\Core\Compare\ComparedDays;
use Moss\Core\Compare\PlannedTime;
use Moss\Core\Time\Minutes;

/** What is planned in a period: sums of whole week parts, and of the days of parts that the period or today cuts through. */
final class PlannedAmounts
{
    /** @var array<string, Day> */
    private array $days = [];

    /** @return iterable<ComparedAmount> */
    public function of(Dimensions $asked, WorkItems $items, ComparedDays $compared, ComparableWork $work): iterable
    {
        $columns = [...$asked->columns(), ...$asked->people ? ['team_id'] : []];
        $toDate = $compared->toDate()->toString();
        $months = $asked->canBeMonths($work) ? MonthSums::of('planned', $columns, ['minutes' => 'planned_minutes'], $compared, $work) : null;
        // Of the month of today, months tell what is planned, and week parts what of it is planned to date.
        $thisMonth = $months === null ? null : $compared->monthToDate();
        $months?->selectRaw('sum(CASE WHEN month <= ? AND month <> ? THEN planned_minutes ELSE 0 END) AS to_date', [$toDate, $thisMonth?->first()->toString() ?? '']);
        $minutes = $thisMonth === null ? 'planned_minutes' : 'CASE WHEN starts_on BETWEEN ? AND ? THEN 0 ELSE planned_minutes END';
        $weeks = WeekSums::of('planned_weeks', ['task_id', 'person_id', 'team_id', 'role_id'], $columns, ['minutes' => $minutes, 'to_date' => 'CASE WHEN starts_on <= ? THEN planned_minutes ELSE 0 END'], $compared, $work,
            $months === null ? [$compared->period] : self::inOrder([...$compared->besideMonths(), ...$thisMonth === null ? [] : [$thisMonth]]),
            ['minutes' => $thisMonth === null ? [] : [$thisMonth->first()->toString(), $thisMonth->last()->toString()], 'to_date' => [$toDate]]);
        $cut = array_map(static fn (DayRange $days): Builder => self::ofDays($columns, $days, $compared, $work, $thisMonth?->includes($days->first()) ?? false), $compared->cut);
        $queries = [...array_values(array_filter([$months, $weeks])), ...$cut];
        foreach ($queries === [] ? [] : StreamedRows::named(MergedSums::of($queries, $columns, ['minutes', 'to_date'])) as $row) {
            /** @var object{task_id?: int, project_id?: int, person_id?: int, team_id?: int, role_id?: int, first: string|null, minutes: int|null, to_date: int|null} $row */
            if ($row->first !== null) {
                yield PlannedTime::amount(
                    $items->of($row->task_id ?? $row->project_id ?? 0, $row->person_id ?? 0, $row->team_id ?? 0, $row->role_id ?? 0),
                    $this->days[$row->first] ??= Day::of($row->first),
                    Minutes::of($row->minutes ?? 0),
                    Minutes::of($row->to_date ?? 0),
                );
            }
        }
    }

    /**
     * Sums of days of one part.
     *
     * @param  list<string>  $columns
     * @param  bool  $onlyToDate  where what is planned is told by a month
     */
    private static function ofDays(array $columns, DayRange $days, ComparedDays $compared, ComparableWork $work, bool $onlyToDate): Builder
    {
        // Tasks are told apart first, in the order in which they are stored, and their sums then added up by project.
        $read = array_map(static fn (string $column): string => $column === 'project_id' ? 'task_id' : $column, $columns);
        $sums = WeekSums::grouped($work->narrow(PlannedWeek::query()->toBase()->where('starts_on', WeekPart::containing($days->first())->toString())), $read, 'starts_on')
            ->selectRaw('? AS first, sum('.($onlyToDate ? '0' : self::weekdays($days)).') AS minutes, sum('.self::weekdays($days->upTo($compared->toDate())).') AS to_date', [$days->first()->toString()])
            ->having($onlyToDate ? 'to_date' : 'minutes', '>', 0);
        if ($read === $columns) {
            return $sums;
        }

        return WeekSums::ofProjects(DB::query()->fromSub($sums, 'parts'), $columns, 'parts.task_id')->select($columns)->groupBy(...$columns)
            ->addSelect(Sql::min('first', 'first'), Sql::sum('minutes', 'minutes'), Sql::sum('to_date', 'to_date'));
    }

    /** The columns that hold days; 0 for none. */
    private static function weekdays(?DayRange $days): string
    {
        return $days === null ? '0' : implode(' + ', array_map(static fn (Day $day): string => PlannedTotals::COLUMNS[$day->weekday()], iterator_to_array($days, false)));
    }

    /**
     * @param  list<DayRange>  $ranges
     * @return list<DayRange>
     */
    private static function inOrder(array $ranges): array
    {
        usort($ranges, static fn (DayRange $one, DayRange $other): int => $one->first()->toString() <=> $other->first()->toString());

        return $ranges;
    }
}
