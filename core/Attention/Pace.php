<?php

declare(strict_types=1);

namespace Moss\Core\Attention;

use Moss\Core\Calendar\Day;
use Moss\Core\Money\Money;

/** What was spent over the last days, as the pace at which it goes on. */
final readonly class Pace
{
    /** @param  positive-int  $days  calendar days */
    public function __construct(private Money $spent, private int $days)
    {
    }

    /**
     * The day on which an amount is gone at this pace, counted from the day after `from`; null where nothing is spent.
     * Example: 1400.00 in 28 days are 50.00 a day, so 120.00 are gone on the third day.
     */
    public function goneOn(Money $left, Day $from): ?Day
    {
        if ($this->spent->cents() <= 0 || $left->isNegative()) {
            return null;
        }
        $whole = $left->cents() * $this->days;

        return $from->plusDays(intdiv($whole + $this->spent->cents() - 1, $this->spent->cents()));
    }
}
