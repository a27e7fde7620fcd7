<?php

declare(strict_types=1);

namespace App\Effort;

use Moss\Core\Effort\TaskEffort;

/** The plans of some tasks, with everything recorded on them. */
final readonly class Efforts
{
    /** @param  array<int, TaskEffort>  $tasks  by task id, in the order of project, phase and task */
    public function __construct(public array $tasks, public Plans $plans)
    {
    }

    public function of(int $task): ?TaskEffort
    {
        return $this->tasks[$task] ?? null;
    }
}
