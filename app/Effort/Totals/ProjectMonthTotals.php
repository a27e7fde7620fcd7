<?php

declare(strict_types=1);

namespace App\Effort\Totals;

use App\Models\PlannedMonth;
use App\Models\PlannedProjectMonth;
use App\Models\RecordedMonth;
use App\Models\RecordedProjectMonth;
use App\Support\Database\BulkRows;
use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/** Sums of stored months by project, of whoever recorded or is planned: in `recorded_project_months` and `planned_project_months`. */
final class ProjectMonthTotals
{
    public const RECORDED_KEY = ['month', 'project_id', 'billable'];

    public const PLANNED_KEY = ['month', 'project_id'];

    /**
     * Sums up what was recorded anew.
     *
     * @param  list<array{string, int}>  $months  first day and project; each as often as may be
     */
    public function refreshRecorded(array $months): void
    {
        if ($months === []) {
            return;
        }
        $asked = [];
        foreach ($months as $month) {
            $asked[implode(' ', $month)] = $month;
        }
        BulkRows::replace('recorded_project_months', self::RECORDED_KEY, MonthTotals::RECORDED,
            self::those(RecordedProjectMonth::query()->toBase(), 'recorded_project_months', $asked),
            StreamedRows::keyed(self::those(self::recorded(), 'recorded_months', $asked), count(self::RECORDED_KEY)));
    }

    /** @param  list<int>  $projects */
    public function refreshPlanned(array $projects): void
    {
        BulkRows::replace('planned_project_months', self::PLANNED_KEY, MonthTotals::PLANNED, PlannedProjectMonth::query()->toBase()->whereIntegerInRaw('project_id', $projects), StreamedRows::keyed(self::planned()->whereIntegerInRaw('project_id', $projects), count(self::PLANNED_KEY)));
    }

    /** @param  array<array-key, array{string, int}>  $asked  first days of months and projects */
    private static function those(Builder $rows, string $table, array $asked): Builder
    {
        $those = DB::query()->fromRaw('json_each(?)', [json_encode(array_values($asked), JSON_THROW_ON_ERROR)])->selectRaw('value ->> 0 AS of_month, value ->> 1 AS of_project');

        return $rows->joinSub($those, 'those', static fn (JoinClause $join): JoinClause => $join->on('those.of_month', $table.'.month')->on('those.of_project', $table.'.project_id'));
    }

    /** What should be stored of what was recorded. */
    public static function recorded(): Builder
    {
        return self::sums(RecordedMonth::query()->toBase(), self::RECORDED_KEY, MonthTotals::RECORDED);
    }

    /** What should be stored of plans. */
    public static function planned(): Builder
    {
        return self::sums(PlannedMonth::query()->toBase(), self::PLANNED_KEY, MonthTotals::PLANNED);
    }

    /**
     * @param  non-empty-list<string>  $key
     * @param  non-empty-list<string>  $sums
     */
    private static function sums(Builder $months, array $key, array $sums): Builder
    {
        return $months->groupBy(...$key)->select($key)->addSelect(...array_map(static fn (string $sum): Sql => Sql::sum($sum, $sum), $sums));
    }
}
