<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Remote;

/** A task as a task tracker has it. */
final readonly class TaskThere
{
    /**
     * @param  list<string>  $people  logins
     * @param  int  $minutes  estimated; 0 where nothing is
     */
    public function __construct(public string $key, public string $title, public string $state, public array $people, public int $minutes, public string $comment, public string $commentBy, public string $commentOn)
    {
    }
}
