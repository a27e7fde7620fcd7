<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Moss\Core\Time\Minutes;

/**
 * A difference in percent of a plan: one decimal, half away from zero.
 */
final readonly class Percentage
{
    /** Null where the plan is 0. */
    public static function of(Minutes $difference, Minutes $plan): ?BigDecimal
    {
        return $plan->isZero()
            ? null
            : BigDecimal::of($difference->toInt())->multipliedBy(100)->dividedBy($plan->toInt(), 1, RoundingMode::HALF_UP);
    }
}
