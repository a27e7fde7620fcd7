<?php

declare(strict_types=1);

namespace App\Features\MyTasks\Queries;

use Moss\Core\Calendar\Day;

/** An assignment of a person or their team, or a task that the person has pinned. */
final readonly class TaskRow
{
    /** @param  string|null  $team  the team's name, where it is the team's */
    public function __construct(
        public int $taskId,
        public ?int $roleId,
        public ?string $roleName,
        public string $code,
        public string $name,
        public string $project,
        public string $projectName,
        public bool $internal,
        public ?Day $startsOn,
        public ?Day $endsOn,
        public ?string $team,
        public ?int $pinned,
        public ?string $trackerState,
        public ?string $trackerComment,
        public ?string $trackerCommentBy,
    ) {
    }
}
