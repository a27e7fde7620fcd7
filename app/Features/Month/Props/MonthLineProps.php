<?php

declare(strict_types=1);

namespace App\Features\Month\Props;

/** What somebody has entered on a task in the days of a page. */
final readonly class MonthLineProps
{
    /**
     * @param  string  $line  task and role, the same as in the week
     * @param  list<MonthCellProps>  $cells  for each day
     * @param  string|null  $count  all of it in days, where the team counts in parts of them and they are whole
     * @param  bool  $canFill  whether it is theirs to record on; single days may still be refused
     */
    public function __construct(
        public string $line,
        public int $task,
        public ?int $role,
        public string $taskName,
        public string $projectName,
        public ?string $roleName,
        public array $cells,
        public int $total,
        public ?string $count,
        public bool $canFill,
    ) {
    }
}
