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
}
