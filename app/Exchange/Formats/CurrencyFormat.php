<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;

/** A currency by its three letters, as in ISO 4217. */
final readonly class CurrencyFormat implements Format
{
    public function read(string $text): string
    {
        return preg_match('/^[A-Z]{3}$/D', $text) === 1 ? $text : throw Unreadable::expected('currency');
    }

    public function print(string|int $value): string
    {
        return (string) $value;
    }
}
