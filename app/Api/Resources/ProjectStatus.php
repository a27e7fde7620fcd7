<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** How a project stands on a day, and each of its tasks. */
final readonly class ProjectStatus
{
    /**
     * @param  string  $project  code
     * @param  list<StatusFigures>  $tasks  by phase and code
     */
    public function __construct(public string $project, public string $on, public StatusFigures $figures, public array $tasks)
    {
    }
}
