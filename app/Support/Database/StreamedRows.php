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
        $statement = self::executed($query);
        while (is_array($row = $statement->fetch(PDO::FETCH_NUM))) {
            /** @var list<int|string|null> $row */
            yield $row;
        }
    }

    /** @return iterable<object> values by the names under which they were selected, where these vary */
    public static function named(Builder $query): iterable
    {
        $statement = self::executed($query);
        while (is_object($row = $statement->fetch(PDO::FETCH_OBJ))) {
            yield $row;
        }
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

    private static function executed(Builder $query): PDOStatement
    {
        $connection = DB::connection();
        $statement = $connection->getPdo()->prepare($query->toSql());
        // Numbers as numbers: a sum is never more than a text.
        $connection->bindValues($statement, $connection->prepareBindings($query->getBindings()));
        $statement->execute();

        return $statement;
    }
}
