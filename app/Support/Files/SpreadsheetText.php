<?php

declare(strict_types=1);

namespace App\Support\Files;

/**
 * Text that a spreadsheet does not take for a formula: one that would begin a formula gets an apostrophe in front, which
 * reading takes off again.
 */
final class SpreadsheetText
{
    private const FORMULA = "/^'*[=+\\-@\\t\\r]./s";

    public static function guarded(string $text): string
    {
        return preg_match(self::FORMULA, $text) === 1 ? "'".$text : $text;
    }

    public static function plain(string $guarded): string
    {
        return str_starts_with($guarded, "'") && preg_match(self::FORMULA, $guarded) === 1 ? substr($guarded, 1) : $guarded;
    }
}
