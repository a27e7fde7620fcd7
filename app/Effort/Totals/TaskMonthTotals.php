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
        self::refresh('recorded_task_months', self::RECORDED_KEY, MonthTotals::RECORDED, RecordedTaskMonth::query()->toBase(), self::recorded(), $tasks);
    }

    /**
     * Sums up anew what is planned on tasks.
     *
     * @param  list<int>  $tasks
     */
    public function refreshPlanned(array $tasks): void
    {
        self::refresh('planned_task_months', self::PLANNED_KEY, MonthTotals::PLANNED, PlannedTaskMonth::query()->toBase(), self::planned(), $tasks);
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
     * @param  literal-string  $table
     * @param  non-empty-list<literal-string>  $key
     * @param  non-empty-list<literal-string>  $sums
     * @param  list<int>  $tasks
     */
    private static function refresh(string $table, array $key, array $sums, Builder $stored, Builder $should, array $tasks): void
    {
        BulkRows::replace($table, $key, $sums, $stored->whereIntegerInRaw('task_id', $tasks), StreamedRows::keyed($should->whereIntegerInRaw('task_id', $tasks), count($key)));
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
