<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Moss\Core\Time\Minutes;

/**
 * A public holiday on one day; the part of the day that is off is 0 to 1.
 */
final readonly class Holiday
{
    private function __construct(public Day $day, public string $name, private BigDecimal $part)
    {
    }

    /** Whether all of the day is off. */
    public function isWhole(): bool
    {
        return $this->part->isEqualTo(1);
    }

    /** @throws \Brick\Math\Exception\MathException if the part is no decimal number */
    public static function on(Day $day, string $name, string $part = '1'): self
    {
        return new self($day, $name, BigDecimal::of($part));
    }

    /** What is off of a day's minutes, rounded half up to the minute. */
    public function off(Minutes $ofDay): Minutes
    {
        return Minutes::of($this->part->multipliedBy($ofDay->toInt())->toScale(0, RoundingMode::HALF_UP)->toInt());
    }
}
