<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Models\Client;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Models\Team;
use Illuminate\Database\Query\Builder;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Selection;

/**
 * The numbers of the projects and people that a selection names, by which rows are left out before they are read. What of the others
 * is taken, the selection itself says.
 */
final readonly class SelectedNumbers
{
    /** What is known by the project. */
    private const OF_PROJECTS = [Grouping::Project, Grouping::Client, Grouping::Manager, Grouping::Phase, Grouping::Task];

    private const OF_PEOPLE = [Grouping::Person, Grouping::Team];

    /**
     * @param  list<array{Grouping, list<string>}>  $projects  what projects belong to, or what belongs to them, by codes of which they have any
     * @param  list<array{Grouping, list<string>}>  $people  what people belong to, in the same way
     */
    public function __construct(private array $projects = [], private array $people = [])
    {
    }

    /** Whether groups can be narrowed to. */
    public static function know(Grouping $grouping): bool
    {
        return in_array($grouping, [...self::OF_PROJECTS, ...self::OF_PEOPLE], true);
    }

    public static function of(Selection $selection): self
    {
        $named = array_filter([
            [Grouping::Project, $selection->projects],
            [Grouping::Client, $selection->clients],
            [Grouping::Manager, $selection->managers],
            [Grouping::Person, $selection->persons],
            [Grouping::Team, $selection->teams],
            ...$selection->groups,
        ], static fn (array $one): bool => $one[1] !== []);
        $about = static fn (array $kinds): array => array_values(array_filter($named, static fn (array $one): bool => in_array($one[0], $kinds, true)));

        return new self($about(self::OF_PROJECTS), $about(self::OF_PEOPLE));
    }

    /**
     * Narrows rows that have a task or a project; those that have a person too only where people are named.
     *
     * @param  'task_id'|'project_id'  $column
     */
    public function narrow(Builder $rows, string $column): void
    {
        if ($this->projects !== []) {
            $projects = $this->projects()->select('id');
            $rows->whereIn($column, $column === 'project_id' ? $projects : Task::query()->toBase()->whereIn('project_id', $projects)->select('id'));
        }
        if ($this->people !== []) {
            // What is planned for a team, or for nobody yet, belongs to no person.
            $rows->where(fn (Builder $theirs): Builder => $theirs->whereIn('person_id', $this->people()->select('id'))->orWhere('person_id', 0)->orWhereNull('person_id'));
        }
    }

    private function projects(): Builder
    {
        $projects = Project::query()->toBase();
        foreach ($this->projects as [$grouping, $codes]) {
            match ($grouping) {
                Grouping::Client => self::belonging($projects, 'client_id', Client::query()->toBase(), $codes),
                Grouping::Manager => self::belonging($projects, 'manager_id', Person::query()->toBase(), $codes),
                // Codes of phases and tasks begin with that of the project.
                default => $projects->whereIn('code', array_map(static fn (string $code): string => explode('/', $code, 2)[0], $codes)),
            };
        }

        return $projects;
    }

    private function people(): Builder
    {
        $people = Person::query()->toBase();
        foreach ($this->people as [$grouping, $codes]) {
            $grouping === Grouping::Team ? self::belonging($people, 'team_id', Team::query()->toBase(), $codes) : $people->whereIn('code', $codes);
        }

        return $people;
    }

    /** @param  list<string>  $codes  of what they belong to, or that they belong to nothing */
    private static function belonging(Builder $rows, string $column, Builder $named, array $codes): void
    {
        $rows->where(static fn (Builder $theirs): Builder => $theirs->whereIn($column, $named->whereIn('code', $codes)->select('id'))
            ->when(in_array(Grouping::NONE, $codes, true), static fn (Builder $none): Builder => $none->orWhereNull($column)));
    }
}
