<?php

declare(strict_types=1);

namespace Moss\Core\Expenses;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
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

    /**
     * To the cent, or the smallest coin of the organisation's currency; halves away from zero, so that a reversal cancels what it reverses.
     *
     * @param  int  $step  the smallest coin, in cents
     */
    public function convert(Amount $amount, int $step = 1): Money
    {
        $value = $amount->toDecimal()->multipliedBy($this->perUnit);

        return $step === 1 ? Money::rounded($value) : Money::ofCents($value->multipliedBy(100)->dividedBy($step, 0, RoundingMode::HALF_UP)->toInt() * $step);
    }

    /** Without zeros at the end: `1.0823`, `1`. */
    public function toString(): string
    {
        return (string) $this->perUnit->stripTrailingZeros()->toScale(max(0, $this->perUnit->stripTrailingZeros()->getScale()));
    }
}
