<?php

declare(strict_types=1);

namespace App\Support\Console;

use App\Support\Files\CsvFile;
use App\Support\Files\SpreadsheetText;
use Symfony\Component\Console\Output\OutputInterface;

/** Prints rows of figures as CSV or JSON, some at a time; what is undefined is empty, or null. */
final class FigureTable
{
    /** Columns that hold people's words and so might begin a formula. */
    private const WORDS = ['name', 'phase'];

    private const LINES_AT_ONCE = 500;

    private const JSON = JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES;

    /**
     * @param  string  $format  `csv`, or else JSON
     * @param  list<string>  $columns
     * @param  iterable<array<string, string|int|null>>  $rows  may be made one at a time
     */
    public static function print(OutputInterface $output, string $format, array $columns, iterable $rows): void
    {
        foreach ($format === 'csv' ? self::csv($columns, $rows) : self::json($rows) as $some) {
            $output->write($some, false, OutputInterface::OUTPUT_RAW);
        }
    }

    /**
     * @param  list<string>  $columns
     * @param  iterable<array<string, string|int|null>>  $rows
     * @return iterable<string>
     */
    private static function csv(array $columns, iterable $rows): iterable
    {
        $lines = [];
        foreach (self::lines($columns, $rows) as $line) {
            $lines[] = $line;
            if (count($lines) === self::LINES_AT_ONCE) {
                yield CsvFile::write($lines);
                $lines = [];
            }
        }
        yield CsvFile::write($lines);
    }

    /**
     * @param  iterable<array<string, string|int|null>>  $rows
     * @return iterable<string>
     */
    private static function json(iterable $rows): iterable
    {
        $before = '[';
        foreach ($rows as $row) {
            yield $before."\n    ".str_replace("\n", "\n    ", json_encode($row, self::JSON));
            $before = ',';
        }
        yield $before === '[' ? "[]\n" : "\n]\n";
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
