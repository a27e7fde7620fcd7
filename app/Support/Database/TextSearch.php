<?php

declare(strict_types=1);

namespace App\Support\Database;

use Illuminate\Database\Query\Builder;

/** Narrows a query to rows that have every word of a search in one of some columns; what has a meaning in LIKE stands for itself. */
final readonly class TextSearch
{
    /** @param  non-empty-list<literal-string>  $columns */
    public static function narrow(Builder $query, string $words, array $columns): Builder
    {
        foreach (preg_split('/\s+/', trim($words), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $like = '%'.addcslashes($word, '%_\\').'%';
            $query->where(static function (Builder $any) use ($columns, $like): void {
                foreach ($columns as $column) {
                    $any->orWhereRaw($column." LIKE ? ESCAPE '\\'", [$like]);
                }
            });
        }

        return $query;
    }
}
