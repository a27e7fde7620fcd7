<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

/** What a saved comparison was after a change. */
final readonly class ComparisonVersionProps
{
    /** @param  string  $at  UTC */
    public function __construct(public int $number, public string $name, public string $address, public string $by, public string $at)
    {
    }
}
