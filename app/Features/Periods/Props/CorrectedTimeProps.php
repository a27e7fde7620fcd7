<?php

declare(strict_types=1);

namespace App\Features\Periods\Props;

/** A correction that was accepted. */
final readonly class CorrectedTimeProps
{
    public function __construct(public string $name, public string $task, public string $date, public int $before, public int $after, public string $reason)
    {
    }
}
