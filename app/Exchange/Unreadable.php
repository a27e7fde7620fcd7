<?php

declare(strict_types=1);

namespace App\Exchange;

use RuntimeException;

/** A cell that its format cannot read; carries, in words, what was expected. */
final class Unreadable extends RuntimeException
{
    private function __construct(public readonly string $expected)
    {
        parent::__construct($expected);
    }

    /** @param  array<string, string|int>  $parameters */
    public static function expected(string $key, array $parameters = []): self
    {
        return new self(ExchangeText::get('expected.'.$key, $parameters));
    }
}
