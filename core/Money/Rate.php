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
    /** Minutes up to which minutes × rate fits in a machine's integer for every rate there can be. */
    private const FITS = 100_000;

    private const MINUTES_OF_HOUR = 60;

    /** @param  int  $tenThousandths  the same rate in ten-thousandths of a unit */
    private function __construct(private BigDecimal $perHour, private int $tenThousandths)
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

        $perHour = BigDecimal::of($text);

        return new self($perHour, $perHour->toScale(4)->getUnscaledValue()->toInt());
    }

    /**
     * Minutes × rate ÷ 60, half up to the cent (halves away from zero, so that a correction cancels what it corrects).
     */
    public function costOf(Minutes $minutes): Money
    {
        // Every entry is priced by itself, so that this is done often; in whole numbers it is as exact and quicker.
        if (abs($minutes->toInt()) <= self::FITS) {
            return Money::ofCents(Money::quotient($minutes->toInt() * $this->tenThousandths, 100 * self::MINUTES_OF_HOUR));
        }

        return Money::rounded($this->perHour->multipliedBy($minutes->toInt())->dividedBy(60, 2, RoundingMode::HALF_UP));
    }

    /**
     * The same of minutes that cost more or less than one each.
     *
     * @param  int  $hundredths  of minutes, half up to the cent like those
     */
    public function costOfHundredths(int $hundredths): Money
    {
        if (abs($hundredths) <= self::FITS) {
            return Money::ofCents(Money::quotient($hundredths * $this->tenThousandths, 100 * 100 * self::MINUTES_OF_HOUR));
        }

        return Money::rounded($this->perHour->multipliedBy($hundredths)->dividedBy(100 * self::MINUTES_OF_HOUR, 2, RoundingMode::HALF_UP));
    }

    /** At least two decimal places, more only where they carry something. */
    public function toString(): string
    {
        $stripped = $this->perHour->stripTrailingZeros();

        return (string) ($stripped->getScale() < 2 ? $stripped->toScale(2) : $stripped);
    }
}
