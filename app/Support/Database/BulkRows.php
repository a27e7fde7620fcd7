<?php

declare(strict_types=1);

namespace App\Support\Database;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use PDOStatement;

/** Writes many small rows of whole numbers and short texts at once. */
final readonly class BulkRows
{
    /** So many rows are written by one statement, which is prepared once. */
    private const AT_ONCE = 50;

    /** So many keys go into one statement, so that none of them is long in memory. */
    private const KEYS_AT_ONCE = 5000;

    /**
     * Inserts rows that all have the same columns.
     *
     * @param  literal-string  $table
     * @param  list<array<string, int|string|null>>  $rows  by column
     */
    public static function insert(string $table, array $rows): void
    {
        $columns = array_keys($rows[0] ?? []);
        if ($columns === []) {
            return;
        }
        self::write(
            static fn (string $values): string => sprintf('INSERT INTO %s (%s) VALUES %s', $table, implode(', ', $columns), $values),
            count($columns),
            // In the order of the first.
            array_map(static fn (array $row): array => array_map(static fn (string $column): int|string|null => $row[$column], $columns), $rows),
        );
    }

    /**
     * Inserts rows; of those whose key is there already, the other columns become what the row says.
     *
     * @param  literal-string  $table
     * @param  non-empty-list<literal-string>  $key
     * @param  non-empty-list<literal-string>  $columns  beside the key
     * @param  iterable<non-empty-list<int|string>>  $rows  values of the key, then of the columns, then of those that stay
     * @param  list<literal-string>  $staying  columns that never change, so that indexes of them are left alone
     */
    public static function upsert(string $table, array $key, array $columns, iterable $rows, array $staying = []): void
    {
        $all = [...$key, ...$columns, ...$staying];
        self::write(static fn (string $values): string => sprintf(
            'INSERT INTO %s (%s) VALUES %s ON CONFLICT (%s) DO UPDATE SET %s',
            $table,
            implode(', ', $all),
            $values,
            implode(', ', $key),
            self::taken($columns),
        ), count($all), $rows);
    }

    /**
     * @param  callable(string): string  $sql  the statement, by what stands for the values of its rows
     * @param  positive-int  $columns
     * @param  iterable<non-empty-list<int|string|null>>  $rows
     */
    private static function write(callable $sql, int $columns, iterable $rows): void
    {
        $row = '('.implode(', ', array_fill(0, $columns, '?')).')';
        $prepared = static fn (int $count): PDOStatement => DB::connection()->getPdo()->prepare($sql(implode(', ', array_fill(0, $count, $row))));
        $statement = null;
        self::each($rows, self::AT_ONCE, static function (array $some) use ($prepared, &$statement): void {
            $whole = count($some) === self::AT_ONCE ? $statement ??= $prepared(self::AT_ONCE) : $prepared(count($some));
            $whole->execute(array_merge(...$some));
        });
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
        self::each($keys, self::KEYS_AT_ONCE, static fn (array $some) => DB::delete($sql, [json_encode($some, JSON_THROW_ON_ERROR)]));
    }

    /** @param  non-empty-list<literal-string>  $columns */
    private static function taken(array $columns): string
    {
        return implode(', ', array_map(static fn (string $column): string => $column.' = excluded.'.$column, $columns));
    }

    private static function values(int $count): string
    {
        return implode(', ', array_map(static fn (int $place): string => 'value ->> '.$place, range(0, $count - 1)));
    }

    /**
     * @param  iterable<non-empty-list<int|string|null>>  $rows
     * @param  positive-int  $atOnce
     * @param  callable(non-empty-list<non-empty-list<int|string|null>>): mixed  $write
     */
    private static function each(iterable $rows, int $atOnce, callable $write): void
    {
        $some = [];
        foreach ($rows as $row) {
            $some[] = $row;
            if (count($some) === $atOnce) {
                $write($some);
                $some = [];
            }
        }
        if ($some !== []) {
            $write($some);
        }
    }
}
