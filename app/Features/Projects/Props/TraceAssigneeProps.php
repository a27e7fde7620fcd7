<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

/** What an assignee brings to a figure: plan, time and remaining estimate. */
final readonly class TraceAssigneeProps
{
    /**
     * @param  string  $name  of the person or team; empty for unassigned hours
     * @param  string|null  $estimatedOn  day of the remaining estimate that counts; null where the rest follows from the plan
     */
    public function __construct(
        public string $task,
        public string $name,
        public int $planned,
        public int $entered,
        public int $remaining,
        public ?string $estimatedOn,
        public ?string $estimatedBy,
        public ?int $estimated,
        public bool $saidDone,
        public string $reason,
    ) {
    }
}
