<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Models\Project;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Compare\ComparedDays;

/** Sums of stored months that lie whole within a period and on one side of today; null where there are none. */
final class MonthSums
{
    /**
     * @param  'recorded_months'|'planned_months'  $table
     * @param  list<string>  $columns  that sums are told apart by; of these, `month` is its own
     * @param  array<string, string>  $sums  columns that are summed up, by what they are called
     */
    public static function of(string $table, array $columns, array $sums, ComparedDays $days, ComparableWork $work): ?Builder
    {
        $months = array_map(static fn (Day $month): string => $month->toString(), $days->months());
        if ($months === []) {
            return null;
        }
        $rows = ToldBillable::grouped(self::ofProjects($work->narrowProjects(DB::table($table)), $table, $columns), $columns, $table.'.billable')->whereBetween('month', [$months[0], $months[count($months) - 1]]);
        // Today may lie in a month between others.
        $rows->when(count($days->besideMonths()) > 0, static fn (Builder $some): Builder => $some->whereIn('month', $months));
        foreach ($sums as $name => $column) {
            $rows->addSelect(Sql::sum($column, $name));
        }

        return $rows->addSelect(Sql::min('month', 'first'));
    }

    /**
     * Joins projects where these have to say what is billable.
     *
     * @param  literal-string  $table
     * @param  list<string>  $columns
     */
    public static function ofProjects(Builder $rows, string $table, array $columns): Builder
    {
        return ToldBillable::isOf($columns)
            ? $rows->joinSub(Project::query()->toBase()->select('id AS of_project', 'billable AS '.ToldBillable::OTHERWISE), 'of_projects', 'of_projects.of_project', $table.'.project_id')
            : $rows;
    }
}
