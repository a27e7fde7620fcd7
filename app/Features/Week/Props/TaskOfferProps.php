<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

/** A task that a line can be added for, in the role that the person has on it. */
final readonly class TaskOfferProps
{
    /** @param  string|null  $chargeCode  that finance books it to */
    public function __construct(
        public int $task,
        public ?int $role,
        public string $line,
        public string $taskName,
        public string $taskCode,
        public string $projectCode,
        public string $projectName,
        public ?string $chargeCode,
        public ?string $roleName,
        public TaskGroup $group,
    ) {
    }
}
