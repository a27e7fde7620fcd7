<?php

declare(strict_types=1);

namespace App\Support\Files\Spreadsheet;

/** How a cell of a spreadsheet is shown. */
enum CellStyle: int
{
    case Text = 0;
    case Heading = 1;
    /** Two decimal places, as hours and money have. */
    case Decimal = 2;
    /** One decimal place. */
    case Percent = 3;
    case Bold = 4;
    case BoldDecimal = 5;
    case BoldPercent = 6;

    public function bold(): self
    {
        return match ($this) {
            self::Decimal => self::BoldDecimal,
            self::Percent => self::BoldPercent,
            default => self::Bold,
        };
    }

    public function isBold(): bool
    {
        return in_array($this, [self::Heading, self::Bold, self::BoldDecimal, self::BoldPercent], true);
    }

    /** How many decimal places a number has; null for text. */
    public function places(): ?int
    {
        return match ($this) {
            self::Decimal, self::BoldDecimal => 2,
            self::Percent, self::BoldPercent => 1,
            default => null,
        };
    }
}
