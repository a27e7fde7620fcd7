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
     * @param  list<array<string, string|int|null>>  $rows
     */
    public static function csv(array $columns, array $rows): string
    {
        $cells = [];
        foreach ($rows as $row) {
            $line = [];
            foreach ($row as $column => $value) {
                $line[] = $value !== null && in_array($column, self::WORDS, true) ? SpreadsheetText::guarded((string) $value) : (string) $value;
            }
            $cells[] = $line;
        }

        return CsvFile::write([$columns, ...$cells]);
    }

    /** @param  list<array<string, string|int|null>>  $rows */
    public static function json(array $rows): string
    {
        return json_encode($rows, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
    }
}
