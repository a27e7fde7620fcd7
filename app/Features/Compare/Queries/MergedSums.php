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
     * @param  non-empty-list<SumPart>  $parts
     * @param  AlikeWork|null  $alike  what is not told apart any further
     * @return Builder the columns of all parts, and all sums, which are null where no part has any
     */
    public static function of(array $parts, ?AlikeWork $alike = null): Builder
    {
        [$columns, $sums] = [SumPart::columnsOf($parts), SumPart::sumsOf($parts)];
        // In the same order in each, by which a union takes them together.
        $queries = array_map(static fn (SumPart $part): Builder => $part->inOrder($part->query, $columns, $sums), $parts);
        $merged = DB::query()->fromSub(Union::of($queries), 'parts');
        foreach ($columns as $column) {
            $alike !== null && $alike->hasOneFor($column) ? $merged->addSelect(Sql::min('parts.'.$column, $column)) : $merged->addSelect('parts.'.$column.' AS '.$column)->groupBy('parts.'.$column);
        }
        foreach ($sums as $sum) {
            $merged->addSelect(Sql::sum('parts.'.$sum, $sum));
        }

        return $alike === null ? $merged : $alike->grouped($merged);
    }
}
