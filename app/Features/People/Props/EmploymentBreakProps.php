<?php

declare(strict_types=1);

namespace App\Features\People\Props;

/** Days between two stretches of employment, first and last included. */
final readonly class EmploymentBreakProps
{
    public function __construct(public string $first, public string $last)
    {
    }
}
