<?php

declare(strict_types=1);

namespace App\Support\Database;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Writes many small rows of whole numbers and short texts at once: one statement with one binding, however many they are. */
final readonly class BulkRows
{
    /** So many rows go into one statement, so that none of them is long in memory. */
    private const AT_ONCE = 5000;

    /**
     * Inserts rows; of those whose key is there already, the other columns become what the row says.
     *
     * @param  literal-string  $table
     * @param  non-empty-list<literal-string>  $key
     * @param  non-empty-list<literal-string>  $columns  beside the key
     * @param  iterable<non-empty-list<int|string>>  $rows  values of the key, then of the columns
     */
    public static function upsert(string $table, array $key, array $columns, iterable $rows): void
    {
        $all = [...$key, ...$columns];
        $sql = sprintf(
            'INSERT INTO %s (%s) SELECT %s FROM json_each(?) WHERE true ON CONFLICT (%s) DO UPDATE SET %s',
            $table,
            implode(', ', $all),
            self::values(count($all)),
            implode(', ', $key),
            implode(', ', array_map(static fn (string $column): string => $column.' = excluded.'.$column, $columns)),
        );
        self::each($rows, static fn (string $json) => DB::insert($sql, [$json]));
    }

    /**
     * Makes some rows what they should be: writes those that are new or other, and deletes those that should not be there.
     *
     * @param  literal-string  $table
     * @param  non-empty-list<literal-string>  $key
     * @param  non-empty-list<literal-string>  $columns  beside the key
     * @param  Builder  $stored  the rows that it is about
     * @param  array<array-key, non-empty-list<int|string>>  $should  values of key and columns, by the key with spaces between
     * @return list<non-empty-list<int|string>> of which something is another now, beginning with the key
     */
    public static function replace(string $table, array $key, array $columns, Builder $stored, array $should): array
    {
        $gone = [];
        foreach (StreamedRows::of($stored->select(array_map(static fn (string $column): string => $table.'.'.$column, [...$key, ...$columns]))) as $row) {
            /** @var non-empty-list<int|string> $row */
            $name = implode(' ', array_slice($row, 0, count($key)));
            if (! isset($should[$name])) {
                $gone[] = array_slice($row, 0, count($key));
            } elseif ($should[$name] === $row) {
                unset($should[$name]);
            }
        }
        self::delete($table, $key, $gone);
        self::upsert($table, $key, $columns, array_values($should));

        return [...$gone, ...array_values($should)];
    }

    /**
     * @param  literal-string  $table
     * @param  non-empty-list<literal-string>  $key
     * @param  iterable<non-empty-list<int|string>>  $keys
     */
    public static function delete(string $table, array $key, iterable $keys): void
    {
        $sql = sprintf('DELETE FROM %s WHERE (%s) IN (SELECT %s FROM json_each(?))', $table, implode(', ', $key), self::values(count($key)));
        self::each($keys, static fn (string $json) => DB::delete($sql, [$json]));
    }

    private static function values(int $count): string
    {
        return implode(', ', array_map(static fn (int $place): string => 'value ->> '.$place, range(0, $count - 1)));
    }

    /**
     * @param  iterable<non-empty-list<int|string>>  $rows
     * @param  callable(string): mixed  $write
     */
    private static function each(iterable $rows, callable $write): void
    {
        $some = [];
        foreach ($rows as $row) {
            $some[] = $row;
            if (count($some) === self::AT_ONCE) {
                $write(json_encode($some, JSON_THROW_ON_ERROR));
                $some = [];
            }
        }
        if ($some !== []) {
            $write(json_encode($some, JSON_THROW_ON_ERROR));
        }
    }
}
