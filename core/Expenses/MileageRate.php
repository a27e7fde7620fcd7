<?php

declare(strict_types=1);

namespace Moss\Core\Expenses;

use Brick\Math\BigDecimal;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\Money;

/**
 * What a kilometre costs from a day on, in the organisation's currency; 0 or more, at most four decimal places.
 */
final readonly class MileageRate
{
    private const TENTHS_TO_CENTS = 1000;

    private function __construct(public Day $from, private int $tenThousandths)
    {
    }

    /**
     * @param  string  $text  money per kilometre, a decimal with a dot, `0.30`
     *
     * @throws NotAnAmount
     */
    public static function of(Day $from, string $text): self
    {
        if (preg_match('/^\d{1,4}(\.\d{1,4})?$/D', $text) !== 1) {
            throw NotAnAmount::text($text);
        }

        return new self($from, BigDecimal::of($text)->toScale(4)->getUnscaledValue()->toInt());
    }

    /** Kilometres × rate, half up to the cent. */
    public function costOf(Distance $distance): Money
    {
        return Money::ofCents(Money::quotient($distance->tenths * $this->tenThousandths, self::TENTHS_TO_CENTS));
    }

    /** At least two decimal places, more only where they carry something. */
    public function toString(): string
    {
        $stripped = BigDecimal::ofUnscaledValue($this->tenThousandths, 4)->stripTrailingZeros();

        return (string) ($stripped->getScale() < 2 ? $stripped->toScale(2) : $stripped);
    }
}
