<?php

declare(strict_types=1);

namespace App\Effort;

use Closure;
use Moss\Core\Planning\Capacities;
use Moss\Core\Planning\PlannedTask;

/** The plans of some tasks. */
final class Plans
{
    private ?Capacities $capacities = null;

    /**
     * @param  array<int, PlannedTask>  $tasks  by task id, in the order of project, phase and task
     * @param  array<int, int>  $projects  project id by task id
     * @param  array<int, list<PlannedPart>>  $parts  the assignments of tasks, with the numbers of what they name
     * @param  Closure(): Capacities  $working  reads working time, which only plans that are laid over days need
     */
    public function __construct(public readonly array $tasks, public readonly array $projects, public readonly array $parts, private readonly Closure $working)
    {
    }

    /** What the days of the assignees hold. */
    public function capacities(): Capacities
    {
        return $this->capacities ??= ($this->working)();
    }
}
