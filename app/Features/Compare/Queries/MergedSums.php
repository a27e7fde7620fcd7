<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Support\Database\Sql;
use App\Support\Database\Union;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Sums that come from several tables, added up to one row for whatever is told apart. */
final readonly class MergedSums
{
    /**
     * @param  non-empty-list<Builder>  $queries  each with all of the columns, the sums and `first`
     * @param  list<string>  $columns  that sums are told apart by
     * @param  list<string>  $sums  their names
     */
    public static function of(array $queries, array $columns, array $sums): Builder
    {
        if (count($queries) === 1) {
            return $queries[0];
        }
        // In the same order in each, by which a union takes them together.
        $parts = array_map(static fn (Builder $query): Builder => DB::query()->fromSub($query, 'part')->select([...$columns, 'first', ...$sums]), $queries);
        $merged = DB::query()->fromSub(Union::of($parts), 'parts')->select($columns)->addSelect(Sql::min('first', 'first'));
        foreach ($sums as $sum) {
            $merged->addSelect(Sql::sum($sum, $sum));
        }

        return $columns === [] ? $merged : $merged->groupBy(...$columns);
    }
}
