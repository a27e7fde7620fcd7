<?php

declare(strict_types=1);

namespace Moss\Core\Money;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Moss\Core\Time\Minutes;

/**
 * Money per hour; 0 or more, at most four decimal places.
 */
final readonly class Rate
{
    private function __construct(private BigDecimal $perHour)
    {
    }

    /**
     * @param  string  $text  a decimal with a dot, `87.65`
     *
     * @throws NotMoney
     */
    public static function of(string $text): self
    {
        if (preg_match('/^\d{1,9}(\.\d{1,4})?$/D', $text) !== 1) {
            throw NotMoney::text($text);
        }

        return new self(BigDecimal::of($text));
    }

    /**
     * Minutes × rate ÷ 60, half up to the cent (halves away from zero, so that a correction cancels what it corrects).
     */
    public function costOf(Minutes $minutes): Money
    {
        return Money::rounded($this->perHour->multipliedBy($minutes->toInt())->dividedBy(60, 2, RoundingMode::HALF_UP));
    }

    /** At least two decimal places, more only where they carry something. */
    public function toString(): string
    {
        $stripped = $this->perHour->stripTrailingZeros();

        return (string) ($stripped->getScale() < 2 ? $stripped->toScale(2) : $stripped);
    }
}
