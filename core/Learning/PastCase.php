<?php

declare(strict_types=1);

namespace Moss\Core\Learning;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Moss\Core\Time\Minutes;

/** Finished work: what was first planned for it, which is more than nothing, and what it came to. */
final readonly class PastCase
{
    public function __construct(public Minutes $planned, public Minutes $cameTo)
    {
    }

    /** What it came to of what was planned, four decimals, half up. */
    public function ratio(): BigDecimal
    {
        return BigDecimal::of($this->cameTo->toInt())->dividedBy($this->planned->toInt(), 4, RoundingMode::HALF_UP);
    }
}
