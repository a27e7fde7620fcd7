<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Effort\Totals\RecordedTotals;
use App\Support\Database\Sql;
use App\Support\Database\Union;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Sums that come from several tables, added up to one row for whatever is told apart. */
final readonly class MergedSums
{
    /** What stands in columns that a part does not tell apart, where it is not 0: of a plan its task says whether it is billable. */
    private const OTHERWISE = ['billable' => RecordedTotals::BILLABLE_AS_TASK];

    /**
     * @param  non-empty-list<SumPart>  $parts
     * @param  AlikeWork|null  $alike  what is not told apart any further
     * @return Builder the columns of all parts, and all sums, which are null where no part has any
     */
    public static function of(array $parts, ?AlikeWork $alike = null): Builder
    {
        $columns = self::all(array_map(static fn (SumPart $part): array => $part->columns, $parts));
        $sums = self::all(array_map(static fn (SumPart $part): array => $part->sums, $parts));
        // In the same order in each, by which a union takes them together.
        $queries = array_map(static fn (SumPart $part): Builder => DB::query()->fromSub($part->query, 'part')->select([
            ...array_map(static fn (string $column): string|Sql => in_array($column, $part->columns, true) ? $column : Sql::number(self::OTHERWISE[$column] ?? 0, $column), $columns),
            ...array_map(static fn (string $sum): string|Sql => in_array($sum, $part->sums, true) ? $sum : Sql::none($sum), $sums),
        ]), $parts);
        $merged = DB::query()->fromSub(Union::of($queries), 'parts');
        foreach ($columns as $column) {
            $alike !== null && $alike->hasOneFor($column) ? $merged->addSelect(Sql::min('parts.'.$column, $column)) : $merged->addSelect('parts.'.$column.' AS '.$column)->groupBy('parts.'.$column);
        }
        foreach ($sums as $sum) {
            $merged->addSelect(Sql::sum('parts.'.$sum, $sum));
        }

        return $alike === null ? $merged : $alike->grouped($merged);
    }

    /**
     * @param  non-empty-list<list<string>>  $names
     * @return list<string> each once
     */
    private static function all(array $names): array
    {
        return array_values(array_unique(array_merge(...$names)));
    }
}
