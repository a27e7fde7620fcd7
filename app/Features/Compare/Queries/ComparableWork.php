<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Models\Person;
use App\Models\Task;
use Illuminate\Database\Query\Builder;

/**
 * Whose work somebody may compare: the time office and viewers everybody's; others what belongs to the projects that they
 * manage, and all work of those whose line manager they are, with their own.
 */
final readonly class ComparableWork
{
    private function __construct(private ?Person $reader)
    {
    }

    public static function all(): self
    {
        return new self(null);
    }

    public static function of(Person $reader): self
    {
        return new self($reader->isOffice() || $reader->isViewer() ? null : $reader);
    }

    /** Narrows rows that have a task and a person. */
    public function narrow(Builder $rows): Builder
    {
        $reader = $this->reader;

        return $reader === null ? $rows : $rows->where(static fn (Builder $theirs): Builder => $theirs
            ->whereIn('task_id', Task::query()->toBase()->join('projects', 'projects.id', 'tasks.project_id')->where('projects.manager_id', $reader->id)->select('tasks.id'))
            ->orWhereIn('person_id', Person::query()->toBase()->where('manager_id', $reader->id)->orWhere('id', $reader->id)->select('id')));
    }
}
