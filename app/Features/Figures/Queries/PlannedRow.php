<?php

declare(strict_types=1);

namespace App\Features\Figures\Queries;

use Moss\Core\Planning\PlannedTask;

/** A task's plan, and which project it is of. */
final readonly class PlannedRow
{
    public function __construct(public int $project, public PlannedTask $task)
    {
    }

    public function isPlanned(): bool
    {
        return $this->task->ownPlanned !== null || $this->task->assignments !== [];
    }
}
