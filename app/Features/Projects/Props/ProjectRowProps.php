<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

/** A phase, task or assignee with its figures. */
final readonly class ProjectRowProps
{
    /**
     * @param  string|null  $task  task code; null for a phase
     * @param  int|null  $taskId  null for a phase
     * @param  string|null  $assignee  what names the assignee in an address; null for a phase or task
     * @param  string|null  $speaker  code of the person whose estimate counts for the assignee
     * @param  int|null  $baseline  minutes planned by the baseline; null where there is none
     * @param  int  $overAssigned  minutes by which assignments exceed the task's own plan
     */
    public function __construct(
        public RowLevel $level,
        public string $name,
        public ?string $task,
        public ?int $taskId,
        public ?string $assignee,
        public ?string $speaker,
        public ?int $baseline,
        public bool $isDone,
        public int $overAssigned,
        public FiguresProps $figures,
    ) {
    }
}
