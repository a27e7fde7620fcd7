<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** Work that is planned for the person or their team. */
final readonly class Assignment
{
    /**
     * @param  string  $project  code
     * @param  string  $task  code within the project
     * @param  string|null  $role  code
     * @param  string|null  $person  code; null for the team
     * @param  string|null  $team  code; null for the person
     * @param  int  $plannedMinutes  over all its days
     * @param  string  $startsOn  `2026-06-15`
     */
    public function __construct(
        public int $id,
        public string $project,
        public string $projectName,
        public string $task,
        public string $taskName,
        public ?string $role,
        public ?string $person,
        public ?string $team,
        public int $plannedMinutes,
        public string $startsOn,
        public string $endsOn,
    ) {
    }
}
