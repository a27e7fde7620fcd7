<?php

declare(strict_types=1);

namespace Moss\Core\Timer;

use Moss\Core\Time\Minutes;

/**
 * How what a timer measured is rounded to the organisation's step.
 */
enum Rounding: string
{
    case Exact = 'exact';
    case Nearest = 'nearest';
    case Up = 'up';

    /**
     * Half a step is rounded up. What has been measured never becomes nothing: below half a step it is one.
     *
     * @param  Minutes|null  $step  null or zero where the organisation has none, which leaves minutes as they are
     */
    public function rounded(Minutes $minutes, ?Minutes $step): Minutes
    {
        $size = $step?->toInt() ?? 0;
        if ($this === self::Exact || $size < 2 || $minutes->isZero()) {
            return $minutes;
        }
        $steps = $this === self::Up
            ? intdiv($minutes->toInt() + $size - 1, $size)
            : intdiv(2 * $minutes->toInt() + $size, 2 * $size);

        return Minutes::of(min(max(1, $steps) * $size, Minutes::PER_DAY));
    }
}
