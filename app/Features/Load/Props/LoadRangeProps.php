<?php

declare(strict_types=1);

namespace App\Features\Load\Props;

/** The days of a column. */
final readonly class LoadRangeProps
{
    public function __construct(public string $first, public string $last)
    {
    }
}
