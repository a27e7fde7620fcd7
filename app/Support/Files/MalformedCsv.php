<?php

declare(strict_types=1);

namespace App\Support\Files;

use RuntimeException;

/** A file whose quotes do not belong together, so that it cannot be told where its records end. */
final class MalformedCsv extends RuntimeException
{
    /** @param  string  $expected  what was expected at the line: `closed_quote` or `quotes` */
    private function __construct(public readonly int $at, public readonly string $expected)
    {
        parent::__construct($expected);
    }

    public static function openQuote(int $line): self
    {
        return new self($line, 'closed_quote');
    }

    public static function strayQuote(int $line): self
    {
        return new self($line, 'quotes');
    }
}
