<?php

declare(strict_types=1);

namespace Moss\Core\Schedule;

/** A task, or somebody's work on one, beside the plan. */
final readonly class ScheduleDifference
{
    /**
     * @param  string  $key  `task CODE`, or `work` with its task, assignee and role
     * @param  array<string, array{string, string}>  $changes  before and after by column; minutes where it is hours
     */
    public function __construct(
        public string $key,
        public ScheduleOutcome $outcome,
        public string $task,
        public string $name,
        public ?string $assignee,
        public string $role,
        public array $changes,
        public ?ScheduleConflict $conflict,
    ) {
    }
}
