<?php

declare(strict_types=1);

namespace Moss\Core\Money;

use Moss\Core\Time\Minutes;

/**
 * What is known of a cost, and beside it the minutes for which no rate is known.
 */
final readonly class Cost
{
    private function __construct(public Money $known, public Minutes $unrated)
    {
    }

    public static function nothing(): self
    {
        return new self(Money::zero(), Minutes::zero());
    }

    public static function known(Money $money): self
    {
        return new self($money, Minutes::zero());
    }

    public static function unknown(Minutes $minutes): self
    {
        return new self(Money::zero(), $minutes);
    }

    public function plus(self $other): self
    {
        return new self($this->known->plus($other->known), $this->unrated->plus($other->unrated));
    }
}
