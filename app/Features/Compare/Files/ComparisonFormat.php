<?php

declare(strict_types=1);

namespace App\Features\Compare\Files;

/** What kinds of file a comparison can be had as. */
enum ComparisonFormat: string
{
    case Csv = 'csv';
    case Xlsx = 'xlsx';
    case Ods = 'ods';
    case Pdf = 'pdf';
    case Json = 'json';

    public function mediaType(): string
    {
        return match ($this) {
            self::Csv => 'text/csv; charset=utf-8',
            self::Xlsx => 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
            self::Ods => 'application/vnd.oasis.opendocument.spreadsheet',
            self::Pdf => 'application/pdf',
            self::Json => 'application/json',
        };
    }
}
