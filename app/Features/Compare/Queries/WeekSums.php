<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Models\Task;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\WeekPart;
use Moss\Core\Compare\ComparedDays;

/** Sums of stored week parts that lie whole within a period. */
final readonly class WeekSums
{
    /**
     * A longer period is read in the order in which the table is stored, by task and person: that takes as long as reading all of it,
     * but needs no sorting.
     */
    private const LONG_DAYS = 200;

    /**
     * @param  literal-string  $table
     * @param  non-empty-list<string>  $stored  its dimensions, in the order in which it is stored
     * @param  list<string>  $columns  that sums are told apart by
     * @param  array<string, string>  $sums  what is summed up, by its name
     * @param  list<DayRange>  $ranges  days of the period that are read here, in order; null where there are none
     */
    public static function of(string $table, array $stored, array $columns, array $sums, ComparedDays $days, ComparableWork $work, array $ranges): ?SumPart
    {
        if ($ranges === []) {
            return null;
        }
        $isLongPeriod = array_sum(array_map(static fn (DayRange $range): int => $range->count(), $ranges)) > self::LONG_DAYS;
        // Tasks are told apart first, and their sums then added up by project; they also say what is billable.
        $read = array_values(array_unique([...in_array('billable', $columns, true) ? ['task_id'] : [], ...array_map(static fn (string $column): string => $column === 'project_id' ? 'task_id' : $column, $columns)]));
        $isOfTasks = in_array('task_id', $columns, true);
        $isLong = $isLongPeriod && array_intersect($read, ['month', 'starts_on']) === [];
        $dimensions = $isLong ? array_values(array_unique([...$stored, ...$read])) : $read;
        $parts = self::grouped($work->narrow(DB::table($table)), $dimensions, 'starts_on')
            // Few parts are found by their days, unless they are few people's.
            ->when($work->isOnePersons() || $isLongPeriod, static fn (Builder $long): Builder => self::within($long, $ranges, $days, $work->isOnePersons() || $read !== ['starts_on']),
                static fn (Builder $short): Builder => $short->whereIn('starts_on', self::firsts($ranges, $days)));
        $isAsStored = ! $isLongPeriod && ! $work->isOnePersons() && $read === $columns && ! in_array('month', $columns, true);
        $part = new SumPart($parts, $columns, [], $isAsStored ? $work->narrow(DB::table($table))->select($columns)->whereIn('starts_on', self::firsts($ranges, $days)) : null);
        foreach ($sums as $name => $sum) {
            $part = $part->with($name, $sum);
        }

        return $isOfTasks || $read === $columns ? $part : new SumPart(self::told($part->query, $columns, $part->sums), $columns, $part->sums);
    }

    /**
     * @param  non-empty-list<DayRange>  $ranges
     * @param  bool  $isInOrder  whether rows are read in the order in which they are stored
     */
    private static function within(Builder $parts, array $ranges, ComparedDays $days, bool $isInOrder): Builder
    {
        return $parts->whereRaw(($isInOrder ? '+' : '').'starts_on BETWEEN ? AND ?', [$ranges[0]->first()->toString(), $ranges[count($ranges) - 1]->last()->toString()])
            ->when(count($ranges) > 1, static fn (Builder $some): Builder => $some->where(static function (Builder $any) use ($ranges): void {
                foreach ($ranges as $range) {
                    $any->orWhereBetween('starts_on', [$range->first()->toString(), $range->last()->toString()]);
                }
            }))
            ->whereNotIn('starts_on', self::cut($days));
    }

    /**
     * @param  non-empty-list<DayRange>  $ranges
     * @return list<string> the first days of the parts that begin in them, but for those that are cut through
     */
    private static function firsts(array $ranges, ComparedDays $days): array
    {
        return array_values(array_diff(array_merge(...array_map(WeekPart::beginningIn(...), $ranges)), self::cut($days)));
    }

    /** @return list<string> the first days of parts that are looked at day by day */
    private static function cut(ComparedDays $days): array
    {
        return array_map(static fn (DayRange $cut): string => WeekPart::containing($cut->first())->toString(), $days->cut);
    }

    /**
     * Sums of tasks by the columns that are asked for.
     *
     * @param  list<string>  $columns
     * @param  list<string>  $sums
     */
    public static function told(Builder $ofTasks, array $columns, array $sums): Builder
    {
        return ToldBillable::selected(self::ofProjects(DB::query()->fromSub($ofTasks, 'parts'), $columns, 'parts.task_id'), $columns, 'parts.billable')->addSelect($sums);
    }

    /**
     * Groups rows by columns, of which `month` is made of the day in another.
     *
     * @param  list<string>  $columns
     * @param  literal-string  $day
     */
    public static function grouped(Builder $rows, array $columns, string $day): Builder
    {
        foreach ($columns as $column) {
            $rows->addSelect($column === 'month' ? Sql::month($day, 'month') : $column);
        }

        return $rows->groupBy(...$columns);
    }

    /**
     * Joins the projects of rows where these are told apart, or where tasks are not and have to say what is billable.
     *
     * @param  list<string>  $columns
     * @param  literal-string  $task
     */
    public static function ofProjects(Builder $rows, array $columns, string $task): Builder
    {
        // Nothing else of a task, of which some columns are called as those of the rows.
        $projects = Task::query()->toBase()->select('tasks.id AS of_task', 'tasks.project_id');
        $saysBillable = ToldBillable::isOf($columns);
        if ($saysBillable) {
            $projects->join('projects', 'projects.id', 'tasks.project_id')->addSelect(Sql::first(['tasks.billable', 'projects.billable'], ToldBillable::OTHERWISE));
        }

        return $saysBillable || in_array('project_id', $columns, true) ? $rows->joinSub($projects, 'of_projects', 'of_projects.of_task', $task) : $rows;
    }
}
