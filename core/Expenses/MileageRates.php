<?php

declare(strict_types=1);

namespace Moss\Core\Expenses;

use Moss\Core\Calendar\Day;

/**
 * The rates per kilometre of a category, of which the latest that has begun holds on a day.
 */
final readonly class MileageRates
{
    /** @param  list<MileageRate>  $rates */
    public function __construct(private array $rates)
    {
    }

    /** Null where none has begun. */
    public function on(Day $day): ?MileageRate
    {
        $inForce = null;
        foreach ($this->rates as $rate) {
            if (! $rate->from->isAfter($day) && ($inForce === null || $rate->from->isAfter($inForce->from))) {
                $inForce = $rate;
            }
        }

        return $inForce;
    }
}
