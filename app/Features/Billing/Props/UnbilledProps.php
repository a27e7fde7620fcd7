<?php

declare(strict_types=1);

namespace App\Features\Billing\Props;

/** What a file would have. */
final readonly class UnbilledProps
{
    /** @param  int  $late  minutes of it on days before the first */
    public function __construct(public int $minutes, public int $entries, public int $late)
    {
    }
}
