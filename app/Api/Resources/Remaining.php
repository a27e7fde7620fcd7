<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** What remains of a task for whoever somebody's time counts for: the person, or their team. */
final readonly class Remaining
{
    /**
     * @param  string  $project  code
     * @param  string  $task  code within the project
     * @param  string  $person  code
     * @param  int  $remainingMinutes  by the estimate in force, else planned less entered
     * @param  bool  $isTeam  the team's, not the person's alone
     * @param  bool  $isDone  declared done
     * @param  int|null  $waitingMinutes  estimated by the person, which the project manager has yet to accept
     */
    public function __construct(
        public string $project,
        public string $task,
        public string $person,
        public int $plannedMinutes,
        public int $enteredMinutes,
        public int $remainingMinutes,
        public bool $isEstimated,
        public bool $isTeam,
        public bool $isDone,
        public ?int $waitingMinutes,
    ) {
    }
}
