<?php

declare(strict_types=1);

namespace Moss\Core\Schedule;

/** Tasks, and who works on them when. */
final readonly class Schedule
{
    /**
     * @param  array<array-key, ScheduledTask>  $tasks  by code
     * @param  array<string, ScheduledWork>  $work  by key
     */
    public function __construct(public array $tasks, public array $work)
    {
    }

    /** @return array<array-key, array<array-key, ScheduledWork>> by code of the task, then by key */
    public function workByTask(): array
    {
        $byTask = [];
        foreach ($this->work as $key => $work) {
            $byTask[$work->task][$key] = $work;
        }

        return $byTask;
    }
}
