<?php

declare(strict_types=1);

namespace App\Support\Database;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Rows of a table that are found by an index of our choice, where SQLite's statistics would have it choose another that takes
 * many times as long.
 */
final readonly class ByIndex
{
    /**
     * @param  literal-string  $table
     * @param  literal-string  $index
     */
    public static function of(string $table, string $index): Builder
    {
        return DB::query()->fromRaw($table.' INDEXED BY '.$index);
    }

    /**
     * In the order in which they are stored, where most of them are read anyway: each by an index takes four times as long.
     *
     * @param  literal-string  $table
     */
    public static function none(string $table): Builder
    {
        return DB::query()->fromRaw($table.' NOT INDEXED');
    }
}
