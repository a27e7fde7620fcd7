<?php

declare(strict_types=1);

namespace App\Features\MyTasks\Props;

/** A task that is a person's or their team's to do; minutes are of whose it is. */
final readonly class MyTaskProps
{
    /**
     * @param  string  $line  task and role, the same as in the week
     * @param  string|null  $dueOn  the last planned day; null for what is only pinned
     * @param  string|null  $team  whose it is, where it is not the person's own
     * @param  int|null  $planned  null where nobody holds it, as with non-project time
     * @param  bool  $isEstimated  whether an estimate is in force; else the remaining minutes are planned less entered
     * @param  int|null  $waiting  minutes estimated that the project manager has yet to accept
     * @param  int  $enteredToday  by the person
     * @param  string|null  $trackerState  how far it is in a task tracker, in the tracker's words
     * @param  string|null  $trackerComment  the last that was said there, with by whom
     */
    public function __construct(
        public string $line,
        public int $task,
        public ?int $role,
        public string $taskName,
        public string $taskCode,
        public string $projectCode,
        public string $projectName,
        public ?string $roleName,
        public TaskDue $due,
        public ?string $startsOn,
        public ?string $dueOn,
        public ?string $team,
        public ?int $planned,
        public int $entered,
        public ?int $remaining,
        public bool $isEstimated,
        public ?int $waiting,
        public int $enteredToday,
        public bool $isPinned,
        public ?string $trackerState,
        public ?string $trackerComment,
    ) {
    }
}
