<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Models\Project;
use App\Support\Database\ByIndex;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Compare\ComparedDays;

/** Sums of stored months that lie whole within a period; null where there are none. */
final class MonthSums
{
    /** What months of projects and of tasks do not tell apart. */
    private const OF_PEOPLE = ['person_id', 'team_id', 'role_id'];

    /** What indexes by person or project hold. */
    private const MINUTES = ['actual_minutes', 'pending_minutes', 'planned_minutes'];

    /** More months than these are read person by person or project by project where nothing else tells sums apart: more rows than are needed, but none has to be sorted. */
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
        $isLong = count($months) > self::FEW;
        $order = $isLong && array_diff($sums, self::MINUTES) === [] ? self::order($kind, $columns, $work) : null;
        $within = static fn (Builder $rows): Builder => self::within($rows, $kind, $months[0]->toString(), $months[count($months) - 1]->toString(), $isLong);
        $rows = $isLong || self::asksProjectsWhatIsBillable($columns) ? null : $within(self::stored($kind, $columns, $work)->select($columns));
        $part = new SumPart($within(self::grouped($kind, $columns, $work, $order)), $columns, [], $rows);
        foreach ($sums as $name => $column) {
            $part = $part->with($name, $column);
        }

        return $part;
    }

    /**
     * Months of a period; where a long one has all that are stored, none is looked at for when it was.
     *
     * @param  'recorded'|'planned'  $kind
     */
    private static function within(Builder $rows, string $kind, string $first, string $last, bool $isLong): Builder
    {
        // These are stored in their order, so that neither end is searched for.
        $stored = DB::table($kind.'_months');
        $isAll = $isLong && $stored->clone()->where('month', '<', $first)->doesntExist() && $stored->clone()->where('month', '>', $last)->doesntExist();

        return $isAll ? $rows : $rows->whereBetween('month', [$first, $last]);
    }

    /**
     * Stored months by columns, in the coarsest table that has them.
     *
     * @param  'recorded'|'planned'  $kind
     * @param  list<string>  $columns
     * @param  'person'|'project'|null  $order  in which they are read, rather than by months
     */
    public static function grouped(string $kind, array $columns, ComparableWork $work, ?string $order = null): Builder
    {
        $table = self::table($kind, $columns, $work);
        $rows = self::stored($kind, $columns, $work, $order);
        if (! self::asksProjectsWhatIsBillable($columns)) {
            return $columns === [] ? $rows : $rows->select($columns)->groupBy(...$columns);
        }
        $rows->joinSub(Project::query()->toBase()->select('id AS of_project', 'billable AS '.ToldBillable::OTHERWISE), 'of_projects', 'of_projects.of_project', $table.'.project_id');

        return ToldBillable::grouped($rows, $columns, $table.'.billable');
    }

    /**
     * Whether rows have to be asked of whose project they are to say what is billable: where that is told apart, the project says it itself.
     *
     * @param  list<string>  $columns
     */
    private static function asksProjectsWhatIsBillable(array $columns): bool
    {
        return ToldBillable::isOf($columns) && ! in_array('project_id', $columns, true);
    }

    /**
     * Stored months as they are, as far as the reader may compare them.
     *
     * @param  'recorded'|'planned'  $kind
     * @param  list<string>  $columns
     * @param  'person'|'project'|null  $order
     */
    private static function stored(string $kind, array $columns, ComparableWork $work, ?string $order = null): Builder
    {
        $table = self::table($kind, $columns, $work);
        $months = $order === null ? DB::table($table) : ByIndex::of($table, $table.'_of_'.$order);

        return in_array('task_id', $columns, true) ? $work->narrow($months) : $work->narrowProjects($months);
    }

    /**
     * In what order months come without sorting, if in any.
     *
     * @param  'recorded'|'planned'  $kind
     * @param  list<string>  $columns
     * @return 'person'|'project'|null
     */
    private static function order(string $kind, array $columns, ComparableWork $work): ?string
    {
        return match (true) {
            in_array('person_id', $columns, true) && array_diff($columns, self::OF_PEOPLE) === [] => 'person',
            // What was recorded has no such index, which each saving would write to.
            $kind === 'planned' && $columns === ['project_id'] && $work->isWhole() => 'project',
            default => null,
        };
    }

    /**
     * @param  'recorded'|'planned'  $kind
     * @param  list<string>  $columns
     * @return literal-string
     */
    private static function table(string $kind, array $columns, ComparableWork $work): string
    {
        return $kind.match (true) {
            in_array('task_id', $columns, true) => '_task_months',
            $work->isWhole() && array_intersect($columns, self::OF_PEOPLE) === [] => '_project_months',
            default => '_months',
        };
    }
}
