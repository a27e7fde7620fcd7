<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Models\Project;
use App\Support\Database\ByIndex;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Compare\ComparedDays;

/** Sums of stored months that lie whole within a period; null where there are none. */
final class MonthSums
{
    /** What months of projects and of tasks do not tell apart. */
    private const OF_PEOPLE = ['person_id', 'team_id', 'role_id'];

    /** What indexes by person hold. */
    private const MINUTES = ['actual_minutes', 'pending_minutes', 'planned_minutes'];

    /** More months than these are read person by person where nothing but people tells sums apart: more rows than are needed, but none has to be sorted. */
    private const FEW = 6;

    /**
     * @param  'recorded'|'planned'  $kind
     * @param  list<string>  $columns  that sums are told apart by; of these, `month` is its own
     * @param  array<string, string>  $sums  columns that are summed up, by what they are called
     */
    public static function of(string $kind, array $columns, array $sums, ComparedDays $days, ComparableWork $work): ?SumPart
    {
        $months = $days->months();
        if ($months === []) {
            return null;
        }
        $isByPerson = count($months) > self::FEW && in_array('person_id', $columns, true) && array_diff($columns, self::OF_PEOPLE) === [] && array_diff($sums, self::MINUTES) === [];
        $rows = self::grouped($kind, $columns, $work, $isByPerson)->whereBetween('month', [$months[0]->toString(), $months[count($months) - 1]->toString()]);
        foreach ($sums as $name => $column) {
            $rows->addSelect(Sql::sum($column, $name));
        }

        return new SumPart($rows, $columns, array_keys($sums));
    }

    /**
     * Stored months by columns, in the coarsest table that has them.
     *
     * @param  'recorded'|'planned'  $kind
     * @param  list<string>  $columns
     * @param  bool  $isByPerson  in the order of people, rather than of months
     */
    public static function grouped(string $kind, array $columns, ComparableWork $work, bool $isByPerson = false): Builder
    {
        $isOfTasks = in_array('task_id', $columns, true);
        $table = $kind.match (true) {
            $isOfTasks => '_task_months',
            $work->isWhole() && array_intersect($columns, self::OF_PEOPLE) === [] => '_project_months',
            default => '_months',
        };
        $months = $isByPerson ? ByIndex::of($table, $table.'_of_person') : DB::table($table);
        $rows = $isOfTasks ? $work->narrow($months) : $work->narrowProjects($months);
        if (ToldBillable::isOf($columns)) {
            $rows->joinSub(Project::query()->toBase()->select('id AS of_project', 'billable AS '.ToldBillable::OTHERWISE), 'of_projects', 'of_projects.of_project', $table.'.project_id');
        }

        return ToldBillable::grouped($rows, $columns, $table.'.billable');
    }
}
