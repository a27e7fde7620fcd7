<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** The plan of a project. */
final readonly class Plan
{
    /**
     * @param  string  $project  code
     * @param  list<PlanTask>  $tasks  by phase and begin
     */
    public function __construct(public string $project, public int $plannedMinutes, public array $tasks)
    {
    }
}
