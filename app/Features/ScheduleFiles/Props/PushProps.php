<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Props;

/** That a task would have to begin later because of another. */
final readonly class PushProps
{
    public function __construct(public string $taskName, public string $because, public int $days)
    {
    }
}
