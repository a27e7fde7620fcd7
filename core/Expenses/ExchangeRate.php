<?php

declare(strict_types=1);

namespace Moss\Core\Expenses;

use Brick\Math\BigDecimal;
use Moss\Core\Money\Money;

/**
 * What one unit of a currency is worth in the organisation's; above 0, at most eight decimal places.
 */
final readonly class ExchangeRate
{
    private function __construct(private BigDecimal $perUnit)
    {
    }

    /**
     * @param  string  $text  a decimal with a dot, `1.0823`
     *
     * @throws NotAnAmount
     */
    public static function of(string $text): self
    {
        if (preg_match('/^\d{1,8}(\.\d{1,8})?$/D', $text) !== 1 || BigDecimal::of($text)->isZero()) {
            throw NotAnAmount::text($text);
        }

        return new self(BigDecimal::of($text));
    }

    /** The organisation's own currency. */
    public static function one(): self
    {
        return new self(BigDecimal::one());
    }

    /** To the cent, halves away from zero, so that a reversal cancels what it reverses. */
    public function convert(Amount $amount): Money
    {
        return Money::rounded($amount->toDecimal()->multipliedBy($this->perUnit));
    }

    /** Without zeros at the end: `1.0823`, `1`. */
    public function toString(): string
    {
        return (string) $this->perUnit->stripTrailingZeros()->toScale(max(0, $this->perUnit->stripTrailingZeros()->getScale()));
    }
}
