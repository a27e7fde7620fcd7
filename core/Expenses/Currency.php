<?php

declare(strict_types=1);

namespace Moss\Core\Expenses;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;

/**
 * A currency: how many decimal places its amounts have, and to what they are rounded.
 */
final readonly class Currency
{
    private const MOST_PLACES = 3;

    /**
     * @param  int  $places  0 to 3
     * @param  int  $step  in minor units: 1, or the smallest coin where there is none of 1 (5 for amounts paid in steps of 0.05)
     */
    private function __construct(public string $code, public int $places, public int $step)
    {
    }

    /** @throws NotAnAmount if it is no code of three capital letters, or one cannot round so */
    public static function of(string $code, int $places = 2, int $step = 1): self
    {
        if (preg_match('/^[A-Z]{3}$/D', $code) !== 1 || $places < 0 || $places > self::MOST_PLACES || $step < 1) {
            throw NotAnAmount::text($code);
        }

        return new self($code, $places, $step);
    }

    /**
     * An amount as it stands on a receipt: exact, and not rounded to the smallest coin.
     *
     * @param  string  $text  a decimal with a dot and at most as many places as the currency has, `-1234.5`
     *
     * @throws NotAnAmount
     */
    public function amount(string $text): Amount
    {
        if (preg_match('/^-?\d{1,10}(?:\.(\d{1,3}))?$/D', $text, $parts) !== 1 || strlen($parts[1] ?? '') > $this->places) {
            throw NotAnAmount::text($text);
        }

        return $this->minor(BigDecimal::of($text)->toScale($this->places)->getUnscaledValue()->toInt());
    }

    public function minor(int $units): Amount
    {
        return new Amount($units, $this);
    }

    /** To the nearest multiple of the smallest coin, halves away from zero. */
    public function rounded(BigDecimal $units): Amount
    {
        $steps = $units->withPointMovedRight($this->places)->dividedBy($this->step, 0, RoundingMode::HALF_UP)->toInt();

        return $this->minor($steps * $this->step);
    }

    public function equals(self $other): bool
    {
        return $this->code === $other->code;
    }
}
