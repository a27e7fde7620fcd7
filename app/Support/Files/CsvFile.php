<?php

declare(strict_types=1);

namespace App\Support\Files;

use RuntimeException;

/** CSV as in RFC 4180, record by record: a byte-order mark and CRLF are accepted, blank lines are left out. */
final class CsvFile
{
    private const BYTE_ORDER_MARK = "\xEF\xBB\xBF";

    /** Fields without quotes, or wholly in quotes with quotes inside doubled. */
    private const RECORD = '/^(?:"(?:[^"]++|"")*+"|[^",]*+)(?:,(?:"(?:[^"]++|"")*+"|[^",]*+))*+$/D';

    private const LINES_AT_ONCE = 500;

    /** Longer than any record is that keeps to the lengths of its columns. */
    private const LONGEST_RECORD = 4_000_000;

    /**
     * @param  resource  $stream
     * @return iterable<array{int, list<string>}> line, counted from 1, and cells
     *
     * @throws MalformedCsv where quotes do not belong together
     */
    public static function read($stream): iterable
    {
        $line = 1;
        while (($record = fgets($stream)) !== false) {
            if ($line === 1 && str_starts_with($record, self::BYTE_ORDER_MARK)) {
                $record = substr($record, strlen(self::BYTE_ORDER_MARK));
            }
            $first = $line++;
            // A record goes on over lines as long as a quote is open.
            while (substr_count($record, '"') % 2 === 1) {
                $more = strlen($record) > self::LONGEST_RECORD ? false : fgets($stream);
                if ($more === false) {
                    throw MalformedCsv::openQuote($first);
                }
                $record .= $more;
                $line++;
            }
            $record = rtrim($record, "\r\n");
            if ($record === '') {
                continue;
            }
            // As most are.
            if (! str_contains($record, '"')) {
                yield [$first, explode(',', $record)];

                continue;
            }
            if (preg_match(self::RECORD, $record) !== 1) {
                throw MalformedCsv::strayQuote($first);
            }
            yield [$first, array_map(static fn (?string $cell): string => $cell ?? '', str_getcsv($record, ',', '"', ''))];
        }
    }

    /** @param  iterable<list<string>>  $rows */
    public static function write(iterable $rows): string
    {
        $stream = fopen('php://temp', 'w+');
        if ($stream === false) {
            throw new RuntimeException('no temporary stream');
        }
        self::append($stream, $rows);
        rewind($stream);
        $contents = stream_get_contents($stream);
        fclose($stream);

        return $contents === false ? throw new RuntimeException('cannot read back what was written') : $contents;
    }

    /**
     * @param  resource  $stream
     * @param  iterable<list<string>>  $rows
     * @return int how many
     */
    public static function append($stream, iterable $rows): int
    {
        // Lines are gathered, so that not each of them is a write of its own.
        $gathered = fopen('php://memory', 'w+');
        if ($gathered === false) {
            throw new RuntimeException('no stream in memory');
        }
        $count = 0;
        foreach ($rows as $row) {
            fputcsv($gathered, $row, ',', '"', '');
            if (++$count % self::LINES_AT_ONCE === 0) {
                self::pass($gathered, $stream);
            }
        }
        self::pass($gathered, $stream);
        fclose($gathered);

        return $count;
    }

    /**
     * @param  resource  $from
     * @param  resource  $to
     */
    private static function pass($from, $to): void
    {
        rewind($from);
        stream_copy_to_stream($from, $to);
        rewind($from);
        ftruncate($from, 0);
    }
}
