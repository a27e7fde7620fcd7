<?php

declare(strict_types=1);

namespace App\Features\Month\Props;

/** What somebody has entered on a task in a month. */
final readonly class MonthLineProps
{
    /**
     * @param  string  $line  task and role, the same as in the week
     * @param  list<int>  $minutes  for each day of the month
     * @param  bool  $canFill  whether it is theirs to record on; single days may still be refused
     */
    public function __construct(
        public string $line,
        public int $task,
        public ?int $role,
        public string $taskName,
        public string $projectName,
        public ?string $roleName,
        public array $minutes,
        public int $total,
        public bool $canFill,
    ) {
    }
}
