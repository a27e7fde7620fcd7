<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

use Moss\Core\Time\Minutes;

/**
 * The number that a rule is set with, in the unit that the rule says; 0 for a rule without one.
 */
final readonly class Limit
{
    private function __construct(private int $number)
    {
    }

    public static function of(int $number): self
    {
        return new self($number);
    }

    public static function none(): self
    {
        return new self(0);
    }

    public function minutes(): Minutes
    {
        return Minutes::of($this->number);
    }

    public function toInt(): int
    {
        return $this->number;
    }
}
