<?php

declare(strict_types=1);

namespace App\Features\PayRules\Props;

/** What an hour of each kind costs, as a percentage of what a regular one costs. */
final readonly class KindCostsProps
{
    public function __construct(public int $overtime, public int $double, public int $night, public int $sunday, public int $holiday)
    {
    }
}
