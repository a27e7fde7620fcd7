<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Moss\Core\Compare\Grouping;
use Moss\Core\OwnFields\FieldSubject;

/**
 * What people, projects or tasks are told apart by, where they themselves are not asked for. Those that have all of it in common are
 * alike, and one of them stands for all: a comparison by team reads as many sums as there are teams, and not as there are people.
 */
final readonly class AlikeWork
{
    /**
     * @param  list<string>|null  $people  columns of people; null where each person is told apart, or none
     * @param  list<string|Sql>|null  $work  columns of tasks and their projects, in the same way
     * @param  'task_id'|'project_id'  $ofWork  which of both sums have
     */
    private function __construct(private ?array $people, private ?array $work, private string $ofWork)
    {
    }

    /** Null where there is nothing alike, or where more than sums of hours is asked for, which is known of each person and task. */
    public static function of(ComparisonTerms $terms, Dimensions $asked, ComparableWork $work): ?self
    {
        if (! $asked->areOfStoredHours($terms, $work)) {
            return null;
        }
        $alike = new self(
            $asked->people ? self::ofPeople($terms) : null,
            $asked->tasks || $asked->projects ? self::ofWork($terms, $asked) : null,
            $asked->tasks ? 'task_id' : 'project_id',
        );

        return ($asked->people && $alike->people === null) || ($alike->people === null && $alike->work === null) ? null : $alike;
    }

    /** Whether a column of sums names one that stands for others. */
    public function hasOneFor(string $column): bool
    {
        return ($column === 'person_id' && $this->people !== null) || ($column === $this->ofWork && $this->work !== null);
    }

    /** Tells sums apart, in a table called `parts`, that have a person and a task or project. */
    public function grouped(Builder $sums): Builder
    {
        if ($this->people !== null) {
            $sums->leftJoin('people', 'people.id', 'parts.person_id')->groupBy(...$this->people);
        }
        if ($this->work !== null) {
            $sums->when($this->ofWork === 'task_id', static fn (Builder $tasks): Builder => $tasks->leftJoin('tasks', 'tasks.id', 'parts.task_id'))
                ->leftJoin('projects', 'projects.id', $this->ofWork === 'task_id' ? 'tasks.project_id' : 'parts.project_id')->groupBy(...$this->work);
        }

        return $sums;
    }

    /** @return list<string>|null */
    private static function ofPeople(ComparisonTerms $terms): ?array
    {
        if ($terms->selection->persons !== [] || $terms->isAbout(Grouping::Person) || $terms->field?->subject === FieldSubject::Person) {
            return null;
        }

        return array_keys(array_filter([
            'people.team_id' => $terms->asksForTeams(),
            'people.role_id' => $terms->asksForRoles(),
        ]));
    }

    /** @return list<string|Sql>|null */
    private static function ofWork(ComparisonTerms $terms, Dimensions $asked): ?array
    {
        $selection = $terms->selection;
        $isOfProjects = $selection->projects !== [] || $terms->isAbout(Grouping::Project) || $terms->field?->subject === FieldSubject::Project;
        if ($terms->isAbout(Grouping::Task) || $terms->field?->subject === FieldSubject::Task || ($isOfProjects && ! $asked->tasks)) {
            return null;
        }
        $isOfPhases = $terms->isAbout(Grouping::Phase);

        return [
            ...array_keys(array_filter([
                'projects.id' => $isOfProjects || $isOfPhases,
                'projects.client_id' => $terms->asksForClients(),
                'projects.manager_id' => $terms->asksForManagers(),
                'projects.internal' => $selection->internal !== null,
                'tasks.phase_id' => $isOfPhases,
                'tasks.charge_code' => $selection->chargeCodes !== [] || $terms->isAbout(Grouping::ChargeCode),
            ])),
            ...$asked->billable || $selection->billable !== null || $terms->isAbout(Grouping::Billable) ? [$asked->tasks ? Sql::first(['tasks.billable', 'projects.billable']) : 'projects.billable'] : [],
        ];
    }
}
