<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Sums of some of the time that is compared, out of one table. */
final readonly class SumPart
{
    /**
     * @param  Builder  $query  selects the columns and the sums
     * @param  list<string>  $columns  that its rows tell apart; they may come several times
     * @param  list<string>  $sums  by their names
     * @param  Builder|null  $rows  what the query adds up, with the same columns and under the same names; null where it is more than one would want to read
     */
    public function __construct(public Builder $query, public array $columns, public array $sums, public ?Builder $rows = null)
    {
    }

    /**
     * The same with one more sum.
     *
     * @param  string  $sum  what is summed up, over the columns of the table
     */
    public function with(string $name, string $sum): self
    {
        return new self($this->query->clone()->selectRaw("sum($sum) AS $name"), $this->columns, [...$this->sums, $name], $this->rows?->clone()->selectRaw("$sum AS $name"));
    }

    /**
     * @param  non-empty-list<self>  $parts
     * @return list<string> the columns of any of them
     */
    public static function columnsOf(array $parts): array
    {
        return array_values(array_unique(array_merge(...array_map(static fn (self $part): array => $part->columns, $parts))));
    }

    /**
     * @param  non-empty-list<self>  $parts
     * @return list<string> the sums of any of them
     */
    public static function sumsOf(array $parts): array
    {
        return array_values(array_unique(array_merge(...array_map(static fn (self $part): array => $part->sums, $parts))));
    }

    /**
     * What it comes to, or what it adds up, with the columns and sums of several parts in one order: 0 and null where it has none.
     *
     * @param  Builder  $rows  its query, or its rows
     * @param  list<string>  $columns
     * @param  list<string>  $sums
     */
    public function inOrder(Builder $rows, array $columns, array $sums): Builder
    {
        return DB::query()->fromSub($rows, 'part')->select([
            ...array_map(fn (string $column): string|Sql => in_array($column, $this->columns, true) ? $column : Sql::number(0, $column), $columns),
            ...array_map(fn (string $sum): string|Sql => in_array($sum, $this->sums, true) ? $sum : Sql::none($sum), $sums),
        ]);
    }
}
