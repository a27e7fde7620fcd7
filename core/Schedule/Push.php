<?php

declare(strict_types=1);

namespace Moss\Core\Schedule;

/** That a task has to begin later, as what it waits for does not leave it the days that it has. */
final readonly class Push
{
    /**
     * @param  string  $because  code of the task it waits for
     * @param  int  $days  by how many days it has to move, above 0
     */
    public function __construct(public string $task, public string $because, public int $days)
    {
    }
}
