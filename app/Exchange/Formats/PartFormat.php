<?php

declare(strict_types=1);

namespace App\Exchange\Formats;

use App\Exchange\Format;
use App\Exchange\Unreadable;
use Brick\Math\BigDecimal;

/** The part of a day that is off, 0 to 1, as a decimal with a dot. */
final readonly class PartFormat implements Format
{
    public function read(string $text): string
    {
        if (preg_match('/^(0?\.\d{1,6}|[01](\.\d{1,6})?)$/D', $text) !== 1 || BigDecimal::of($text)->isGreaterThan(1)) {
            throw Unreadable::expected('part');
        }

        return (string) BigDecimal::of($text)->stripTrailingZeros();
    }

    public function print(string|int $value): string
    {
        return (string) $value;
    }
}
