<?php

declare(strict_types=1);

namespace App\Support\Database;

use Illuminate\Database\Query\Builder;

/** The rows of several queries together, each as often as it comes; their columns are in the same order. */
final readonly class Union
{
    /** @param  non-empty-list<Builder>  $queries */
    public static function of(array $queries): Builder
    {
        return array_reduce(array_slice($queries, 1), static fn (Builder $all, Builder $query): Builder => $all->unionAll($query), $queries[0]);
    }
}
