<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

/**
 * The numbers that a rule may be set with, first and last included, and the usual one.
 */
final readonly class LimitRange
{
    public function __construct(public LimitUnit $unit, public int $least, public int $most, public int $usual)
    {
    }

    public function includes(int $number): bool
    {
        return $number >= $this->least && $number <= $this->most;
    }
}
