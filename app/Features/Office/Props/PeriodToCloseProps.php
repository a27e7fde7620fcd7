<?php

declare(strict_types=1);

namespace App\Features\Office\Props;

/** A month that is over and not closed. */
final readonly class PeriodToCloseProps
{
    /** @param  int  $open  entries up to its last day that are not approved */
    public function __construct(public string $until, public int $open)
    {
    }
}
