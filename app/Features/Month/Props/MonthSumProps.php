<?php

declare(strict_types=1);

namespace App\Features\Month\Props;

/** A sum in minutes; and in days, where the team counts in parts of them and it is a whole number of those. */
final readonly class MonthSumProps
{
    public function __construct(public int $minutes, public ?string $count)
    {
    }
}
