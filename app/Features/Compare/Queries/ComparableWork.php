<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Models\Access;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use Illuminate\Database\Query\Builder;
use Moss\Core\Compare\Selection;

/**
 * Whose work somebody may compare: the time office and viewers everybody's; others what belongs to the projects that they
 * manage, and all work of those whose line manager they are, with their own.
 */
final readonly class ComparableWork
{
    /** @param  bool  $isOwn  whether it is nothing but the reader's own, with what it brings in */
    private function __construct(private ?Person $reader, private bool $isOwn = false, private SelectedNumbers $selected = new SelectedNumbers)
    {
    }

    /** The same, of which only what a selection may take need be read. */
    public function selectedBy(Selection $selection): self
    {
        return new self($this->reader, $this->isOwn, SelectedNumbers::of($selection));
    }

    public static function all(): self
    {
        return new self(null);
    }

    public static function of(Person $reader): self
    {
        return new self($reader->isOffice() ? null : $reader);
    }

    /** What somebody recorded and is planned for themselves. */
    public static function ownOf(Person $reader): self
    {
        return new self($reader, true);
    }

    /** Whether that is one person's work, which is found by the person rather than by days. */
    public function isOnePersons(): bool
    {
        return $this->isOwn;
    }

    /** Whether that is everybody's work, with what it costs. */
    public function isEverybodys(): bool
    {
        return $this->reader === null;
    }

    /** Whether rows need no narrowing, even though the reader may not see what they cost. */
    public function isWhole(): bool
    {
        return $this->reader === null || (! $this->isOwn && $this->reader->isViewer());
    }

    /** Narrows rows that have a task and a person. */
    public function narrow(Builder $rows): Builder
    {
        $this->selected->narrow($rows, 'task_id');
        $reader = $this->reader;
        if ($reader !== null && $this->isOwn) {
            return $rows->where('person_id', $reader->id);
        }

        return $reader === null || $reader->isViewer() ? $rows : $rows->where(static fn (Builder $theirs): Builder => $theirs
            ->whereIn('task_id', Task::query()->toBase()->join('projects', 'projects.id', 'tasks.project_id')->where('projects.manager_id', $reader->id)->select('tasks.id'))
            ->orWhereIn('person_id', self::theirPeople($reader)->select('id')));
    }

    /** Narrows rows that have a project and a person. */
    public function narrowProjects(Builder $rows): Builder
    {
        $this->selected->narrow($rows, 'project_id');
        $reader = $this->reader;
        if ($reader !== null && $this->isOwn) {
            return $rows->where('person_id', $reader->id);
        }

        return $reader === null || $reader->isViewer() ? $rows : $rows->where(static fn (Builder $theirs): Builder => $theirs
            ->whereIn('project_id', Project::query()->toBase()->where('manager_id', $reader->id)->select('id'))
            ->orWhereIn('person_id', self::theirPeople($reader)->select('id')));
    }

    /** Those who record time and whose expected time the reader may know: nobody's for a viewer, who sees no weeks. */
    public function people(): Builder
    {
        $reader = $this->reader;
        $people = Person::query()->toBase()->where('people.access', '<>', Access::Viewer->value);

        return match (true) {
            $reader === null => $people,
            $this->isOwn => $people->where('people.id', $reader->id),
            $reader->isViewer() => $people->whereIn('people.id', []),
            default => $people->whereIn('people.id', self::theirPeople($reader)->select('id')),
        };
    }

    /** Whether the reader sees what time costs on the projects of a manager. */
    public function hasMoneyOf(?string $manager): bool
    {
        return $this->reader === null || $this->isOwn || ($manager === $this->reader->code && $this->reader->seesCostOfProjectsOf($this->reader->id));
    }

    private static function theirPeople(Person $reader): Builder
    {
        return Person::query()->toBase()->where('manager_id', $reader->id)->orWhere('id', $reader->id);
    }
}
