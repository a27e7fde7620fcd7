<?php

declare(strict_types=1);

namespace App\Support\Files\Spreadsheet;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/** A cell: a text, which never becomes a formula, or a number. */
final readonly class SheetCell
{
    /** @param  string  $value  of a number, a decimal with a point; empty where there is none */
    private function __construct(public string $value, public CellStyle $style)
    {
    }

    public static function text(string $text): self
    {
        return new self($text, CellStyle::Text);
    }

    public static function heading(string $text): self
    {
        return new self($text, CellStyle::Heading);
    }

    /** Hours to ten places, so that not a minute is lost. */
    public static function hours(?Minutes $minutes): self
    {
        return new self($minutes === null ? '' : (string) BigDecimal::of($minutes->toInt())->dividedBy(60, 10, RoundingMode::HALF_UP)->stripTrailingZeros(), CellStyle::Decimal);
    }

    public static function money(?Money $money): self
    {
        return new self($money?->toString() ?? '', CellStyle::Decimal);
    }

    /** @param  string|null  $percent  with one decimal */
    public static function percent(?string $percent): self
    {
        return new self($percent ?? '', CellStyle::Percent);
    }

    public function bold(): self
    {
        return new self($this->value, $this->style->bold());
    }

    public function isNumber(): bool
    {
        return $this->style->places() !== null && $this->value !== '';
    }
}
