<?php

declare(strict_types=1);

namespace App\Effort\Totals;

use App\Models\PlannedTaskMonth;
use App\Models\PlannedWeek;
use App\Models\RecordedTaskMonth;
use App\Models\RecordedWeek;
use App\Support\Database\BulkRows;
use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
use Illuminate\Database\Query\Builder;

/**
 * Sums of stored weeks by month and task, of whoever recorded or is planned: in `recorded_task_months` and `planned_task_months`. What
 * was recorded is also told apart by whether it is billable, as its entries say; where they do not, their task will.
 */
final class TaskMonthTotals
{
    public const RECORDED_KEY = ['task_id', 'month', 'billable'];

    public const PLANNED_KEY = ['task_id', 'month'];

    /**
     * Sums up anew what was recorded on tasks.
     *
     * @param  list<int>  $tasks
     */
    public function refreshRecorded(array $tasks): void
    {
        BulkRows::replace('recorded_task_months', self::RECORDED_KEY, MonthTotals::RECORDED, RecordedTaskMonth::query()->toBase()->whereIntegerInRaw('task_id', $tasks), StreamedRows::keyed(self::recorded()->whereIntegerInRaw('task_id', $tasks), count(self::RECORDED_KEY)));
    }

    /**
     * Sums up anew what is planned on tasks.
     *
     * @param  list<int>  $tasks
     * @param  array<string, non-empty-list<int|string>>  $weeks  all of theirs: key and columns of `PlannedTotals`
     */
    public function refreshPlanned(array $tasks, array $weeks): void
    {
        $months = [];
        foreach ($weeks as $week) {
            /** @var array{int, int, int, int, string, int} $week */
            [$task, , , , $first, $minutes] = $week;
            $month = substr($first, 0, 8).'01';
            $months["$task $month"] = [$task, $month, ($months["$task $month"][2] ?? 0) + $minutes];
        }
        BulkRows::replace('planned_task_months', self::PLANNED_KEY, MonthTotals::PLANNED, PlannedTaskMonth::query()->toBase()->whereIntegerInRaw('task_id', $tasks), $months);
    }

    /** What should be stored of what was recorded. */
    public static function recorded(): Builder
    {
        return self::sums(RecordedWeek::query()->toBase()->groupBy('billable'), ['billable'], MonthTotals::RECORDED);
    }

    /** What should be stored of plans. */
    public static function planned(): Builder
    {
        return self::sums(PlannedWeek::query()->toBase(), [], MonthTotals::PLANNED);
    }

    /**
     * @param  list<string>  $others  columns that sums are told apart by, too
     * @param  non-empty-list<string>  $sums
     */
    private static function sums(Builder $weeks, array $others, array $sums): Builder
    {
        return $weeks->groupBy('task_id', Sql::month('starts_on'))->select('task_id', Sql::month('starts_on', 'month'), ...$others)->addSelect(...array_map(static fn (string $sum): Sql => Sql::sum($sum, $sum), $sums));
    }
}
