<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Queries;

use App\Effort\EffortReader;
use App\Effort\Efforts;
use App\Effort\EffortScope;
use Moss\Core\Time\Minutes;

/** Who is assigned to tasks, and by how much more has been entered on them than remained, for any number of people. */
final readonly class TasksOver
{
    private function __construct(private Efforts $efforts)
    {
    }

    /**
     * @param  list<int>  $tasks
     * @param  list<int>  $people
     * @param  list<int>  $teams
     */
    public static function load(array $tasks, array $people, array $teams): self
    {
        return new self((new EffortReader)->minutes(EffortScope::tasks($tasks)->fallingOn($people, $teams)));
    }

    public function isAssigned(int $task, string $person, ?string $team): bool
    {
        return $this->efforts->of($task)?->task->assigneeFor($person, $team) !== null;
    }

    /** By how much more is entered than remained, of the assignment that the person's time falls on; null without one. */
    public function over(int $task, string $person, ?string $team): ?Minutes
    {
        return $this->efforts->of($task)?->effortOf($person, $team)?->over();
    }
}
