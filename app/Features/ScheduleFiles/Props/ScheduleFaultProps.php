<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Props;

/** A line of a schedule file that cannot be read. */
final readonly class ScheduleFaultProps
{
    public function __construct(public int $line, public string $sentence)
    {
    }
}
