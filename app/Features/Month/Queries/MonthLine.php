<?php

declare(strict_types=1);

namespace App\Features\Month\Queries;

use App\Models\ProjectState;
use Moss\Core\Calendar\Day;

/** A line of a month with its names. */
final readonly class MonthLine
{
    public function __construct(
        public int $taskId,
        public ?int $roleId,
        public string $task,
        public string $project,
        public ?string $role,
        public bool $internal,
        public ProjectState $projectState,
        public ?Day $doneOn,
    ) {
    }

    /** Whether time on the task may still be recorded from a day on. */
    public function isOpenOn(Day $day): bool
    {
        return $this->projectState === ProjectState::Open && ($this->doneOn === null || ! $this->doneOn->isBefore($day));
    }
}
