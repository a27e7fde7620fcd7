<?php

declare(strict_types=1);

namespace App\Effort;

use App\Models\Person;
use App\Models\Task;
use Illuminate\Database\Query\Builder;

/** Of which tasks plans and efforts are read, and whose: what everybody has, or what falls on some people. */
final readonly class EffortScope
{
    /**
     * @param  list<int>|null  $projects
     * @param  list<int>  $tasks
     * @param  list<int>|null  $people
     * @param  list<int>  $teams
     */
    private function __construct(private ?array $projects, private array $tasks, private ?array $people, private array $teams)
    {
    }

    /** @param  list<int>  $projects */
    public static function projects(array $projects): self
    {
        return new self($projects, [], null, []);
    }

    /** @param  list<int>  $tasks */
    public static function tasks(array $tasks): self
    {
        return new self(null, $tasks, null, []);
    }

    /**
     * Only what falls on these people, or on these teams through any of their members.
     *
     * @param  list<int>  $people
     * @param  list<int>  $teams
     */
    public function fallingOn(array $people, array $teams): self
    {
        return new self($this->projects, $this->tasks, $people, $teams);
    }

    public function isOfSomePeople(): bool
    {
        return $this->people !== null;
    }

    /** @param  literal-string  $column  that holds the task's number */
    public function narrow(Builder $query, string $column): Builder
    {
        return $this->projects === null
            ? $query->whereIntegerInRaw($column, $this->tasks)
            : $query->whereIn($column, Task::query()->toBase()->whereIntegerInRaw('project_id', $this->projects)->select('id'));
    }

    /** @param  literal-string  $column  that holds the person's number */
    public function narrowPeople(Builder $query, string $column): Builder
    {
        return $this->people === null ? $query : $query->whereIn($column, self::members($this->people, $this->teams));
    }

    /** Assignments of the people, of the teams, and of the teams' members. */
    public function narrowAssignments(Builder $query): Builder
    {
        return $this->people === null ? $query : $query->where(fn (Builder $either): Builder => $either
            ->whereIntegerInRaw('assignments.team_id', $this->teams)
            ->orWhereIn('assignments.person_id', self::members($this->people ?? [], $this->teams)));
    }

    /**
     * @param  list<int>  $people
     * @param  list<int>  $teams
     */
    private static function members(array $people, array $teams): Builder
    {
        return Person::query()->toBase()->select('id')->where(static fn (Builder $either): Builder => $either->whereIntegerInRaw('id', $people)->orWhereIntegerInRaw('team_id', $teams));
    }
}
