<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use Illuminate\Database\Query\Builder;

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
}
