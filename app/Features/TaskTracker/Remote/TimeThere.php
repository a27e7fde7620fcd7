<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Remote;

/** A piece of time as a task tracker has it. */
final readonly class TimeThere
{
    /**
     * @param  string  $task  key
     * @param  string  $day  YYYY-MM-DD
     * @param  int  $minutes  0 where it is deleted
     */
    public function __construct(public int $id, public string $task, public string $login, public string $day, public int $minutes, public string $text, public int $version)
    {
    }
}
