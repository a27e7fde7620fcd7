<?php

declare(strict_types=1);

namespace Moss\Core\Leave;

use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** How many half days an absence takes of an allowance. */
final readonly class HalfDays
{
    /**
     * 0 on a day that holds no work; 1 where at most half of the day's usual hours is taken, or the calendar leaves no more than half of it; 2 otherwise.
     *
     * @param  Capacity  $capacity  of the person's days
     * @param  Minutes|null  $minutes  null for all that the day holds
     * @return int<0, 2>
     */
    public static function of(Capacity $capacity, Day $day, ?Minutes $minutes): int
    {
        $held = $capacity->on($day)->toInt();
        $taken = min($held, $minutes?->toInt() ?? $held);

        return match (true) {
            $taken <= 0 => 0,
            $taken * 2 <= $capacity->usualOn($day)->toInt() => 1,
            default => 2,
        };
    }
}
