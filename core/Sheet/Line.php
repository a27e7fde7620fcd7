<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

/**
 * A line of the sheet: one task in one role. By codes; without a role, none was named.
 */
final readonly class Line
{
    public function __construct(public string $project, public string $task, public ?string $role)
    {
    }

    /** The same for the same line, and sorts by project, task and role: no code holds the byte between them. */
    public function key(): string
    {
        return $this->taskKey()."\x00".($this->role ?? '');
    }

    /** The same for every line of the task. */
    public function taskKey(): string
    {
        return $this->project."\x00".$this->task;
    }
}
