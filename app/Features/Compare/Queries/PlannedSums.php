<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Effort\Totals\PlannedTotals;
use App\Models\PlannedWeek;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\WeekPart;
use Moss\Core\Compare\ComparedDays;

/** What is planned in a period, as `minutes`, and planned `to_date`: of months, of whole week parts, and of the days of parts that the period or today cuts through. */
final class PlannedSums
{
    /** @return list<SumPart> */
    public static function of(Dimensions $asked, ComparedDays $compared, ComparableWork $work): array
    {
        $columns = [...$asked->columns(), ...$asked->people ? ['team_id'] : []];
        $ofMonths = $asked->canBeMonths($work) ? MonthSums::of('planned', $columns, ['minutes' => 'planned_minutes'], $compared, $work) : null;
        $months = $ofMonths === null ? [] : $compared->months();
        // Of the month of today, months tell what is planned, and week parts what of it is planned to date.
        $thisMonth = $months === [] ? null : $compared->monthToDate();
        $parts = [];
        if ($ofMonths !== null && $months !== []) {
            $toDate = self::toDate('month', $months[0], $months[count($months) - 1], $thisMonth?->first()->plusDays(-1) ?? $compared->toDate());
            $parts[] = $ofMonths->with('to_date', $toDate);
        }
        $beside = $months === [] ? [$compared->period] : $compared->besideMonths();
        foreach (array_filter([[$beside, 'planned_minutes'], [$thisMonth === null ? [] : [$thisMonth], null]], static fn (array $some): bool => $some[0] !== []) as [$ranges, $minutes]) {
            $parts[] = WeekSums::of('planned_weeks', ['task_id', 'person_id', 'team_id', 'role_id'], $columns,
                array_filter(['minutes' => $minutes, 'to_date' => self::toDate('starts_on', $ranges[0]->first(), $ranges[count($ranges) - 1]->last(), $compared->toDate())], is_string(...)), $compared, $work, $ranges);
        }
        foreach ($compared->cut as $days) {
            $parts[] = self::ofDays($columns, $days, $compared, $work, $thisMonth?->includes($days->first()) ?? false);
        }

        return array_values(array_filter($parts));
    }

    /**
     * What is planned to date of rows that begin on some days.
     *
     * @param  literal-string  $column  that says on which
     */
    private static function toDate(string $column, Day $first, Day $last, Day $toDate): string
    {
        return match (true) {
            ! $last->isAfter($toDate) => 'planned_minutes',
            $first->isAfter($toDate) => '0',
            default => "CASE WHEN $column <= '{$toDate->toString()}' THEN planned_minutes ELSE 0 END",
        };
    }

    /**
     * Sums of days of one part.
     *
     * @param  list<string>  $columns
     * @param  bool  $onlyToDate  where what is planned is told by a month
     */
    private static function ofDays(array $columns, DayRange $days, ComparedDays $compared, ComparableWork $work, bool $onlyToDate): SumPart
    {
        // Tasks are told apart first, in the order in which they are stored.
        $read = array_map(static fn (string $column): string => $column === 'project_id' ? 'task_id' : $column, $columns);
        $stored = $work->narrow(PlannedWeek::query()->toBase()->where('starts_on', WeekPart::containing($days->first())->toString()));
        $sum = $onlyToDate ? 'to_date' : 'minutes';
        $part = new SumPart(
            WeekSums::grouped($stored->clone(), $read, 'starts_on')->having($sum, '>', 0),
            $columns,
            [],
            $read === $columns && ! in_array('month', $columns, true) ? $stored->select($columns) : null,
        );
        if (! $onlyToDate) {
            $part = $part->with('minutes', self::weekdays($days));
        }
        $part = $part->with('to_date', self::weekdays($days->upTo($compared->toDate())));
        $rows = $part->rows === null ? null : DB::query()->fromSub($part->rows, 'days')->where($sum, '>', 0);

        return $read === $columns ? new SumPart($part->query, $columns, $part->sums, $rows) : new SumPart(WeekSums::told($part->query, $columns, $part->sums), $columns, $part->sums);
    }

    /** The columns that hold days; 0 for none. */
    private static function weekdays(?DayRange $days): string
    {
        return $days === null ? '0' : implode(' + ', array_map(static fn (Day $day): string => PlannedTotals::COLUMNS[$day->weekday()], iterator_to_array($days, false)));
    }
}
