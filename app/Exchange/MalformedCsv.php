<?php

declare(strict_types=1);

namespace App\Exchange;

use RuntimeException;

/** A file whose quotes do not belong together, so that it cannot be told where its records end. */
final class MalformedCsv extends RuntimeException
{
    private function __construct(public readonly int $at, public readonly string $expected)
    {
        parent::__construct($expected);
    }

    public static function openQuote(int $line): self
    {
        return new self($line, ExchangeText::get('expected.closed_quote'));
    }

    public static function strayQuote(int $line): self
    {
        return new self($line, ExchangeText::get('expected.quotes'));
    }
}
