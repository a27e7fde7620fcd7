<?php

declare(strict_types=1);

namespace App\Features\Load\Props;

/** By how many minutes a day is over what it asks. */
final readonly class LoadedDayProps
{
    public function __construct(public string $date, public int $over)
    {
    }
}
