<?php

declare(strict_types=1);

namespace Moss\Core\Money;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/**
 * An amount in whole minor units (cents) of the organisation's one currency; negative in differences.
 */
final readonly class Money
{
    private function __construct(private int $cents)
    {
    }

    public static function ofCents(int $cents): self
    {
        return new self($cents);
    }

    public static function zero(): self
    {
        return new self(0);
    }

    /**
     * @param  string  $text  a decimal with a dot and at most two places, `1234.5`
     *
     * @throws NotMoney
     */
    public static function of(string $text): self
    {
        if (preg_match('/^\d{1,12}(\.\d{1,2})?$/D', $text) !== 1) {
            throw NotMoney::text($text);
        }

        return self::rounded(BigDecimal::of($text));
    }

    /** Half up to the cent. */
    public static function rounded(BigDecimal $amount): self
    {
        return new self($amount->toScale(2, RoundingMode::HALF_UP)->getUnscaledValue()->toInt());
    }

    public function cents(): int
    {
        return $this->cents;
    }

    public function plus(self $other): self
    {
        return new self($this->cents + $other->cents);
    }

    public function minus(self $other): self
    {
        return new self($this->cents - $other->cents);
    }

    public function isNegative(): bool
    {
        return $this->cents < 0;
    }

    public function toDecimal(): BigDecimal
    {
        return BigDecimal::ofUnscaledValue($this->cents, 2);
    }

    /**
     * This amount × part ÷ whole, half up to the cent; 0 where the whole is 0.
     */
    public function share(int $part, int $whole): self
    {
        if ($whole === 0) {
            return self::zero();
        }

        // Within these bounds the product fits in a machine's integer.
        if (abs($this->cents) < 2 ** 30 && abs($part) < 2 ** 30) {
            return new self(self::quotient($this->cents * $part, $whole));
        }

        return new self(BigDecimal::of($this->cents)->multipliedBy($part)->dividedBy($whole, 0, RoundingMode::HALF_UP)->toInt());
    }

    /**
     * Whole part ÷ whole, halves away from zero.
     *
     * @param  int  $whole  not 0
     */
    public static function quotient(int $part, int $whole): int
    {
        $size = intdiv(2 * abs($part) + abs($whole), 2 * abs($whole));

        return ($part < 0) === ($whole < 0) ? $size : -$size;
    }

    /** Two decimal places, a dot, no grouping: `-12.30`. */
    public function toString(): string
    {
        return (string) $this->toDecimal();
    }
}
