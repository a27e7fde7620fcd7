<?php

declare(strict_types=1);

namespace App\Exchange;

use RuntimeException;

/** Reads and writes CSV as in RFC 4180; line numbers are those of an editor. */
final class CsvFile
{
    /**
     * @param  string  $contents  UTF-8; a byte-order mark and CRLF are accepted
     * @return list<array{int, list<string>}> line and cells; blank lines are left out
     */
    public static function read(string $contents): array
    {
        if (str_starts_with($contents, "\xEF\xBB\xBF")) {
            $contents = substr($contents, 3);
        }
        $stream = self::memory();
        fwrite($stream, $contents);
        rewind($stream);
        $rows = [];
        $line = 1;
        $position = 0;
        while (($cells = fgetcsv($stream, null, ',', '"', '')) !== false) {
            $end = (int) ftell($stream);
            if ($cells !== [null]) {
                $rows[] = [$line, array_map(static fn (?string $cell): string => $cell ?? '', $cells)];
            }
            $line += substr_count($contents, "\n", $position, $end - $position);
            $position = $end;
        }
        fclose($stream);

        return $rows;
    }

    /** @param  iterable<list<string>>  $rows */
    public static function write(iterable $rows): string
    {
        $stream = self::memory();
        foreach ($rows as $row) {
            fputcsv($stream, $row, ',', '"', '');
        }
        rewind($stream);
        $contents = stream_get_contents($stream);
        fclose($stream);

        return $contents === false ? throw new RuntimeException('cannot read back what was written') : $contents;
    }

    /** @return resource */
    private static function memory()
    {
        $stream = fopen('php://temp', 'w+');

        return $stream === false ? throw new RuntimeException('no temporary stream') : $stream;
    }
}
