<?php

declare(strict_types=1);

namespace App\Features\MyTasks\Actions;

/** What somebody says of a task in one step: what they did, what remains, or that it is done. */
final readonly class WorkInput
{
    /**
     * @param  string  $line  hours, days and a note, as in the quick line without words for a task; empty for none
     * @param  string|null  $remaining  hours as typed; null to leave what remains as it is
     */
    public function __construct(public int $task, public ?int $role, public string $line, public ?string $remaining, public bool $isDone, public string $reason)
    {
    }
}
