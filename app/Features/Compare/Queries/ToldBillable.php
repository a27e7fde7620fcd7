<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Effort\Totals\RecordedTotals;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;

/** Recorded time by whether it is billable, where its tasks are not told apart: the query itself then says it for those rows that do not. */
final class ToldBillable
{
    /** What a row's task or project says, in a table that is joined. */
    public const OTHERWISE = 'billable_otherwise';

    /** @param  list<string>  $columns  that sums are told apart by */
    public static function isOf(array $columns): bool
    {
        return in_array('billable', $columns, true) && ! in_array('task_id', $columns, true);
    }

    /**
     * @param  list<string>  $columns
     * @param  string  $own  the column of the row's own
     */
    public static function selected(Builder $rows, array $columns, string $own): Builder
    {
        return $rows->addSelect(array_map(static fn (string $column): string|Sql => $column === 'billable' && self::isOf($columns) ? self::column($own, 'billable') : $column, $columns));
    }

    /**
     * Selects columns and groups by them.
     *
     * @param  list<string>  $columns
     * @param  string  $own  the column of the row's own
     */
    public static function grouped(Builder $rows, array $columns, string $own): Builder
    {
        $selected = self::selected($rows, $columns, $own);

        return $columns === [] ? $selected : $selected->groupBy(...array_map(static fn (string $column): string|Sql => $column === 'billable' && self::isOf($columns) ? self::column($own) : $column, $columns));
    }

    public static function column(string $own, ?string $alias = null): Sql
    {
        return Sql::firstBut(RecordedTotals::BILLABLE_AS_TASK, [$own, self::OTHERWISE], $alias);
    }
}
