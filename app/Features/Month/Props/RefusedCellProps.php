<?php

declare(strict_types=1);

namespace App\Features\Month\Props;

/** A cell that was not saved, and why. */
final readonly class RefusedCellProps
{
    public function __construct(public string $line, public string $date, public string $message)
    {
    }
}
