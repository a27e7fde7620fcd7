<?php

declare(strict_types=1);

namespace App\Features\Expenses\Props;

/** A trip of the week, and what its expenses come to by currency. */
final readonly class TripSumProps
{
    /** @param  list<CurrencySumProps>  $sums */
    public function __construct(public string $trip, public array $sums)
    {
    }
}
