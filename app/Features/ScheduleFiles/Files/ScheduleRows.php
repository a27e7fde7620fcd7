<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Files;

use App\Support\Files\CsvFile;
use App\Support\Files\MalformedCsv;
use App\Support\Files\Spreadsheet\UnreadableSpreadsheet;
use App\Support\Files\Spreadsheet\XlsxRows;
use App\Support\Files\SpreadsheetText;

/** The cells of a schedule file as texts, whether it is CSV or XLSX. */
final class ScheduleRows
{
    public const MOST = 20_000;

    /**
     * @return list<list<string>> the headings first
     *
     * @throws ScheduleUnreadable
     */
    public static function of(string $path, string $name): array
    {
        try {
            $rows = str_ends_with(strtolower($name), '.csv') ? self::csv($path) : XlsxRows::of($path, self::MOST);
        } catch (UnreadableSpreadsheet $unreadable) {
            throw ScheduleUnreadable::because($unreadable->isTooLarge ? 'too_large' : 'unreadable');
        } catch (MalformedCsv) {
            throw ScheduleUnreadable::because('unreadable');
        }

        return count($rows) > 1 ? $rows : throw ScheduleUnreadable::because('empty');
    }

    /**
     * @return list<list<string>>
     *
     * @throws MalformedCsv
     * @throws ScheduleUnreadable
     */
    private static function csv(string $path): array
    {
        $stream = fopen($path, 'r');
        $rows = [];
        foreach ($stream === false ? [] : CsvFile::read($stream) as [, $cells]) {
            $rows[] = array_map(static fn (string $cell): string => SpreadsheetText::plain(trim(mb_scrub($cell, 'UTF-8'))), $cells);
            if (count($rows) > self::MOST) {
                throw ScheduleUnreadable::because('too_large');
            }
        }

        return $rows;
    }
}
