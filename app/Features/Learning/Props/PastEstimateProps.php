<?php

declare(strict_types=1);

namespace App\Features\Learning\Props;

/** What somebody said would remain, on a day. */
final readonly class PastEstimateProps
{
    public function __construct(public string $on, public int $remaining)
    {
    }
}
