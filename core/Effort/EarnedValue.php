<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Moss\Core\Money\Money;

/**
 * Planned value, earned value and actual cost on a day; in hours with two places where the organisation has no rates.
 *
 * Source: ANSI/EIA-748, Earned Value Management Systems (PV, EV, AC, CPI = EV ÷ AC, SPI = EV ÷ PV).
 */
final readonly class EarnedValue
{
    public function __construct(public Money $planned, public Money $earned, public Money $actual)
    {
    }

    public static function zero(): self
    {
        return new self(Money::zero(), Money::zero(), Money::zero());
    }

    public function plus(self $other): self
    {
        return new self(
            $this->planned->plus($other->planned),
            $this->earned->plus($other->earned),
            $this->actual->plus($other->actual),
        );
    }

    /** Cost performance, three decimals half up; null where nothing was spent. */
    public function costIndex(): ?BigDecimal
    {
        return self::ratio($this->earned, $this->actual);
    }

    /** Schedule performance, three decimals half up; null where nothing was planned yet. */
    public function scheduleIndex(): ?BigDecimal
    {
        return self::ratio($this->earned, $this->planned);
    }

    private static function ratio(Money $part, Money $whole): ?BigDecimal
    {
        return $whole->cents() === 0
            ? null
            : BigDecimal::of($part->cents())->dividedBy($whole->cents(), 3, RoundingMode::HALF_UP);
    }
}
