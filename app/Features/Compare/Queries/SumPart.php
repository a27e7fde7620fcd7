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
     */
    public function __construct(public Builder $query, public array $columns, public array $sums)
    {
    }
}
