<?php

declare(strict_types=1);

namespace App\Features\Plan\Props;

/** An assignee on a task in a role: one stretch of days, or hours that were given day by day. */
final readonly class PlanAssignmentProps
{
    /**
     * @param  list<int>  $ids  one; several where hours were given by day
     * @param  string  $assignee  `person:CODE` or `team:CODE`
     * @param  string|null  $person  the code, where it is a person
     * @param  bool  $isByDay  whether hours were given day by day, so that hours and days are changed there
     * @param  int|null  $compared  what was planned for the assignee on the task on the day that is compared with; on their first row
     * @param  array<string, int>  $byDay  minutes by day, where they were given so
     */
    public function __construct(
        public array $ids,
        public string $assignee,
        public string $assigneeName,
        public ?string $person,
        public bool $isByDay,
        public ?string $role,
        public int $planned,
        public string $startsOn,
        public string $endsOn,
        public ?int $compared,
        public array $byDay,
    ) {
    }
}
