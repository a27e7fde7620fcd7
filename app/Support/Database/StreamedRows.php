<?php

declare(strict_types=1);

namespace App\Support\Database;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOStatement;

/** Rows of results of millions, one at a time and as plain lists: half the time of objects with named columns. */
final readonly class StreamedRows
{
    /** @return iterable<list<int|string|null>> values in the order in which they were selected */
    public static function of(Builder $query): iterable
    {
        /** @var iterable<list<int|string|null>> */
        return self::executed($query, PDO::FETCH_NUM);
    }

    /** @return iterable<object> values by the names under which they were selected, where these vary */
    public static function named(Builder $query): iterable
    {
        /** @var iterable<object> */
        return self::executed($query, PDO::FETCH_OBJ);
    }

    /**
     * @param  positive-int  $length
     * @return array<string, non-empty-list<int|string>> rows without nulls by their first so many values
     */
    public static function keyed(Builder $query, int $length): array
    {
        $rows = [];
        foreach (self::of($query) as $row) {
            /** @var non-empty-list<int|string> $row */
            $rows[implode(' ', array_slice($row, 0, $length))] = $row;
        }

        return $rows;
    }

    /** @param  PDO::FETCH_NUM|PDO::FETCH_OBJ  $mode */
    private static function executed(Builder $query, int $mode): PDOStatement
    {
        $connection = DB::connection();
        $statement = $connection->getPdo()->prepare($query->toSql());
        // Numbers as numbers: a sum is never more than a text.
        $connection->bindValues($statement, $connection->prepareBindings($query->getBindings()));
        $statement->setFetchMode($mode);
        $statement->execute();

        return $statement;
    }
}
