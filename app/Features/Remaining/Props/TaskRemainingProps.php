<?php

declare(strict_types=1);

namespace App\Features\Remaining\Props;

/** What remains of a task for the assignee on whom a person's time falls: the person or their team. Minutes. */
final readonly class TaskRemainingProps
{
    /**
     * @param  bool  $isEstimated  whether an estimate is in force; otherwise the minutes are planned less entered, in pencil
     * @param  bool  $isTeam  the team's, not the person's alone
     * @param  bool  $isDone  marked as done, by the assignee or for everyone
     * @param  int|null  $waiting  minutes that the person has estimated and the project manager has yet to accept
     */
    public function __construct(
        public int $task,
        public int $planned,
        public int $entered,
        public int $minutes,
        public bool $isEstimated,
        public bool $isTeam,
        public bool $isDone,
        public ?int $waiting,
    ) {
    }
}
