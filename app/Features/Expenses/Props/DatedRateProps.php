<?php

declare(strict_types=1);

namespace App\Features\Expenses\Props;

/** A rate, a decimal, and the day from which on it holds. */
final readonly class DatedRateProps
{
    public function __construct(public string $from, public string $rate)
    {
    }
}
