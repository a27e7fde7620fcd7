<?php

declare(strict_types=1);

namespace App\Support\Console;

use App\Support\Files\CsvFile;
use App\Support\Files\SpreadsheetText;

/** Prints rows of figures as CSV or JSON; what is undefined is empty, or null. */
final class FigureTable
{
    /** Columns that hold people's words and so might begin a formula. */
    private const WORDS = ['name', 'phase'];

    /**
     * @param  list<string>  $columns
     * @param  iterable<array<string, string|int|null>>  $rows  may be made one at a time
     */
    public static function csv(array $columns, iterable $rows): string
    {
        return CsvFile::write(self::lines($columns, $rows));
    }

    /** @param  iterable<array<string, string|int|null>>  $rows */
    public static function json(iterable $rows): string
    {
        return json_encode(is_array($rows) ? $rows : iterator_to_array($rows, false), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
    }

    /**
     * @param  list<string>  $columns
     * @param  iterable<array<string, string|int|null>>  $rows
     * @return iterable<list<string>>
     */
    private static function lines(array $columns, iterable $rows): iterable
    {
        yield $columns;
        foreach ($rows as $row) {
            $line = [];
            foreach ($row as $column => $value) {
                $line[] = $value !== null && in_array($column, self::WORDS, true) ? SpreadsheetText::guarded((string) $value) : (string) $value;
            }
            yield $line;
        }
    }
}
