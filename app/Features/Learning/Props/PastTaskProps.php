<?php

declare(strict_types=1);

namespace App\Features\Learning\Props;

/** A finished task: what was first planned, the estimates on the way, and what it came to. */
final readonly class PastTaskProps
{
    /**
     * @param  string|null  $person  whose part of it this is; null for the whole task
     * @param  int  $planned  minutes
     * @param  list<PastEstimateProps>  $estimates  in their order
     * @param  string  $ratio  two decimals
     */
    public function __construct(public string $project, public string $name, public ?string $person, public int $planned, public array $estimates, public int $cameTo, public string $ratio)
    {
    }
}
