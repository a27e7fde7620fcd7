<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Remote;

/** What has changed in a project of a task tracker. */
final readonly class ChangesThere
{
    /**
     * @param  int  $next  the number with which to ask the next time
     * @param  list<MemberThere>  $people
     * @param  list<TaskThere>  $tasks
     * @param  list<TimeThere>  $times
     */
    public function __construct(public int $next, public array $people, public array $tasks, public array $times)
    {
    }
}
