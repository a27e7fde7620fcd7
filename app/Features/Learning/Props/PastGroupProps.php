<?php

declare(strict_types=1);

namespace App\Features\Learning\Props;

/** Finished work that belongs together. */
final readonly class PastGroupProps
{
    public function __construct(public string $name, public SpreadProps $spread)
    {
    }
}
