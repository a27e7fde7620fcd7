<?php

declare(strict_types=1);

namespace App\Features\ExpenseSettings\Props;

/** A rate, and the day from which on it holds. */
final readonly class DatedRateProps
{
    public function __construct(public int $id, public string $from, public string $rate)
    {
    }
}
