<?php

declare(strict_types=1);

namespace App\Support\Files\Spreadsheet;

use DateTimeImmutable;
use Illuminate\Support\Str;
use XMLReader;
use ZipArchive;

/**
 * Reads the first sheet of an Office Open XML workbook (ISO/IEC 29500) as texts: days as `2026-06-15`, numbers as they are stored, formulas by
 * the value that was stored with them. Whatever is larger than a plan ever is, is refused.
 */
final class XlsxRows
{
    private const LARGEST_PART = 60_000_000;

    private const MOST_COLUMNS = 800;

    /** Formats of dates that every workbook has without saying so (ECMA-376, 18.8.30). */
    private const DATES = [14, 15, 16, 17, 22, 27, 28, 29, 30, 31, 36, 50, 51, 52, 53, 54, 55, 56, 57, 58];

    /**
     * @param  int  $most  rows
     * @return list<list<string>>
     *
     * @throws UnreadableSpreadsheet
     */
    public static function of(string $path, int $most): array
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw UnreadableSpreadsheet::notOne();
        }
        try {
            $sheet = self::firstSheet($zip);
            $texts = $zip->locateName('xl/sharedStrings.xml') === false ? [] : self::sharedTexts(self::part($zip, 'xl/sharedStrings.xml'));
            $dates = $zip->locateName('xl/styles.xml') === false ? [] : self::dateStyles(self::part($zip, 'xl/styles.xml'));

            return self::rows(self::part($zip, $sheet), $texts, $dates, $most);
        } finally {
            $zip->close();
        }
    }

    /** @throws UnreadableSpreadsheet */
    private static function firstSheet(ZipArchive $zip): string
    {
        $links = self::part($zip, 'xl/_rels/workbook.xml.rels');
        $book = self::part($zip, 'xl/workbook.xml');
        if (preg_match('/<(?:\w+:)?sheet\b[^>]*\b\w+:id="([^"]+)"/', $book, $sheet) === 1 && preg_match_all('/<Relationship\b[^>]*>/', $links, $all) > 0) {
            foreach ($all[0] as $link) {
                if (str_contains($link, 'Id="'.$sheet[1].'"') && preg_match('/\bTarget="([^"]+)"/', $link, $target) === 1) {
                    return str_starts_with($target[1], '/') ? ltrim($target[1], '/') : 'xl/'.$target[1];
                }
            }
        }

        throw UnreadableSpreadsheet::notOne();
    }

    /** @throws UnreadableSpreadsheet */
    private static function part(ZipArchive $zip, string $name): string
    {
        $about = $zip->statName($name);
        if ($about === false) {
            throw UnreadableSpreadsheet::notOne();
        }
        if ($about['size'] > self::LARGEST_PART) {
            throw UnreadableSpreadsheet::tooLarge();
        }
        $text = $zip->getFromName($name, self::LARGEST_PART);
        // Entities of its own are what no such document has, and what hostile ones grow by.
        if ($text === false || str_contains($text, '<!DOCTYPE') || str_contains($text, '<!ENTITY')) {
            throw UnreadableSpreadsheet::notOne();
        }

        return $text;
    }

    /** @return list<string> */
    private static function sharedTexts(string $xml): array
    {
        $texts = [];
        $reader = self::reader($xml);
        while (@$reader->read()) {
            if ($reader->nodeType === XMLReader::ELEMENT && $reader->localName === 'si') {
                $texts[] = self::textOf($reader);
            }
        }

        return $texts;
    }

    /** All texts of an element, without how they are read aloud. */
    private static function textOf(XMLReader $reader): string
    {
        if ($reader->isEmptyElement) {
            return '';
        }
        [$depth, $text, $isText, $aloud] = [$reader->depth, '', false, 0];
        while (@$reader->read() && $reader->depth > $depth) {
            if ($reader->nodeType === XMLReader::ELEMENT && ! $reader->isEmptyElement) {
                $isText = $reader->localName === 't';
                $aloud += $reader->localName === 'rPh' ? 1 : 0;
            } elseif ($reader->nodeType === XMLReader::END_ELEMENT) {
                $isText = false;
                $aloud -= $reader->localName === 'rPh' ? 1 : 0;
            } elseif ($isText && $aloud === 0 && in_array($reader->nodeType, [XMLReader::TEXT, XMLReader::CDATA, XMLReader::SIGNIFICANT_WHITESPACE, XMLReader::WHITESPACE], true)) {
                $text .= $reader->value;
            }
        }

        return $text;
    }

    /** @return array<int, true> by number of the style */
    private static function dateStyles(string $xml): array
    {
        $formats = array_fill_keys(self::DATES, true);
        preg_match_all('/<numFmt\b[^>]*>/', $xml, $own);
        foreach ($own[0] as $format) {
            if (preg_match('/\bnumFmtId="(\d+)"/', $format, $id) === 1 && preg_match('/\bformatCode="([^"]*)"/', $format, $code) === 1) {
                $plain = (string) preg_replace('/&quot;.*?&quot;|\\\\.|\[[^\]]*\]/', '', $code[1]);
                $formats[(int) $id[1]] = preg_match('/[dy]/i', $plain) === 1;
            }
        }
        $styles = [];
        $cells = Str::between($xml, '<cellXfs', '</cellXfs>');
        preg_match_all('/<xf\b[^>]*>/', $cells, $all);
        foreach ($all[0] as $number => $style) {
            if (preg_match('/\bnumFmtId="(\d+)"/', $style, $id) === 1 && ($formats[(int) $id[1]] ?? false)) {
                $styles[$number] = true;
            }
        }

        return $styles;
    }

    /**
     * @param  list<string>  $texts
     * @param  array<int, true>  $dates
     * @return list<list<string>>
     *
     * @throws UnreadableSpreadsheet
     */
    private static function rows(string $xml, array $texts, array $dates, int $most): array
    {
        [$rows, $row, $column] = [[], null, 0];
        $reader = self::reader($xml);
        while (@$reader->read()) {
            if ($reader->nodeType !== XMLReader::ELEMENT || ! in_array($reader->localName, ['row', 'c'], true)) {
                continue;
            }
            if ($reader->localName === 'row') {
                if ($row !== null) {
                    $rows[] = array_values($row);
                }
                [$row, $column] = [[], 0];
                if (count($rows) > $most) {
                    throw UnreadableSpreadsheet::tooLarge();
                }
            } elseif ($row !== null) {
                $at = self::column((string) $reader->getAttribute('r')) ?? $column;
                if ($at >= self::MOST_COLUMNS) {
                    throw UnreadableSpreadsheet::tooLarge();
                }
                $row = array_pad($row, $at, '');
                $row[$at] = self::cell($reader, $texts, $dates);
                $column = $at + 1;
            }
        }

        if ($row !== null) {
            $rows[] = array_values($row);
        }

        return array_values(array_filter($rows, static fn (array $one): bool => implode('', $one) !== ''));
    }

    /**
     * @param  list<string>  $texts
     * @param  array<int, true>  $dates
     */
    private static function cell(XMLReader $reader, array $texts, array $dates): string
    {
        [$type, $style] = [$reader->getAttribute('t'), (int) $reader->getAttribute('s')];
        if ($reader->isEmptyElement) {
            return '';
        }
        if ($type === 'inlineStr') {
            return trim(self::textOf($reader));
        }
        [$depth, $value, $isValue] = [$reader->depth, '', false];
        while (@$reader->read() && $reader->depth > $depth) {
            $isValue = match ($reader->nodeType) {
                XMLReader::ELEMENT => $reader->localName === 'v',
                XMLReader::END_ELEMENT => false,
                default => $isValue,
            };
            $value .= $isValue && $reader->nodeType === XMLReader::TEXT ? $reader->value : '';
        }

        return trim(match (true) {
            $type === 's' => $texts[(int) $value] ?? '',
            $type === 'e' => '',
            $type === 'b' => $value === '1' ? 'yes' : 'no',
            ($type === null || $type === 'n') && isset($dates[$style]) && is_numeric($value) => self::day((int) $value),
            default => $value,
        });
    }

    /** Days are counted from the one before 1900, with a 29 February 1900 that there never was. */
    private static function day(int $number): string
    {
        return $number < 61 || $number > 200_000 ? (string) $number : (new DateTimeImmutable('@0'))->modify(($number - 25_569).' days')->format('Y-m-d');
    }

    /** From 0, of a reference such as `AB12`. */
    private static function column(string $reference): ?int
    {
        if (preg_match('/^([A-Z]{1,3})\d+$/', $reference, $parts) !== 1) {
            return null;
        }
        $column = 0;
        foreach (str_split($parts[1]) as $letter) {
            $column = 26 * $column + ord($letter) - 64;
        }

        return $column - 1;
    }

    private static function reader(string $xml): XMLReader
    {
        $reader = XMLReader::XML($xml, null, LIBXML_NONET | LIBXML_NOERROR | LIBXML_NOWARNING | LIBXML_COMPACT);

        return $reader instanceof XMLReader ? $reader : throw UnreadableSpreadsheet::notOne();
    }
}
