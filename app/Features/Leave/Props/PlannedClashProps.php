<?php

declare(strict_types=1);

namespace App\Features\Leave\Props;

/** Work that is planned on days of leave. */
final readonly class PlannedClashProps
{
    /** @param  list<string>  $days  on which anything is planned */
    public function __construct(public string $project, public string $task, public int $minutes, public array $days)
    {
    }
}
