<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

/** A phase, task or holder with its figures. */
final readonly class ProjectRowProps
{
    /**
     * @param  string|null  $task  task code; null for a phase
     * @param  string|null  $holder  what names the holder in an address; null for a phase or task
     * @param  int  $overAssigned  minutes by which assignments exceed the task's own plan
     */
    public function __construct(
        public RowLevel $level,
        public string $name,
        public ?string $task,
        public ?string $holder,
        public bool $isDone,
        public int $overAssigned,
        public FiguresProps $figures,
    ) {
    }
}
