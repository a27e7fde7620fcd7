<?php

declare(strict_types=1);

namespace App\Support\Files\Spreadsheet;

use RuntimeException;

/** A file is no spreadsheet that can be read. */
final class UnreadableSpreadsheet extends RuntimeException
{
    private function __construct(public readonly bool $isTooLarge)
    {
        parent::__construct($isTooLarge ? 'too large' : 'not a spreadsheet');
    }

    public static function notOne(): self
    {
        return new self(false);
    }

    public static function tooLarge(): self
    {
        return new self(true);
    }
}
