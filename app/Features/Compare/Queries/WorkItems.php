<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Effort\Totals\RecordedTotals;
use App\Models\Assignment;
use App\Models\OwnField as OwnFieldModel;
use App\Models\OwnFieldValue;
use App\Models\Person;
use App\Models\Project;
use App\Models\RecordedWeek;
use App\Models\Task;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Compare\WorkItem;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\OwnFields\OwnField;

/** What the numbers of tasks, people, teams and roles stand for, as far as it is asked for; in at most five queries. */
final class WorkItems
{
    private const OF_PROJECT = ['projects.code AS project', 'clients.code AS client', 'managers.code AS manager', 'projects.internal'];

    /** @var array<string, WorkItem> by the numbers they are made of */
    private array $made = [];

    /**
     * @param  array<int, array{array{string, string|null, string, bool}, string|null, string|null, string|null, bool, int}>  $tasks  project, client, manager and whether it is internal; phase, task, charge code, whether it is billable and the project's id; by task id, or by project id where tasks are not told apart
     * @param  array<int, array{string, string|null, string|null}>  $people  person, team and usual role by person id
     * @param  array<int, string>  $values  what the own field holds that is asked for, by the id of its task, project or person
     * @param  array<int, string>  $teams
     * @param  array<int, string>  $roles
     */
    private function __construct(private readonly array $tasks, private readonly array $people, private readonly array $teams, private readonly array $roles, private readonly ?OwnField $field, private readonly array $values, private readonly bool $ofEntries)
    {
    }

    /**
     * @param  list<int>|null  $onlyTasks  numbers of all tasks that are needed, or of projects where tasks are not told apart; null for all
     * @param  list<int>|null  $onlyPeople
     */
    public static function load(Dimensions $asked, ComparableWork $work, ?array $onlyTasks = null, ?array $onlyPeople = null): self
    {
        $tasks = [];
        $projects = [];
        $query = match (true) {
            $asked->tasks => self::tasksQuery()->when($work->isOnePersons(), static fn (Builder $own): Builder => $own->whereIn('tasks.id', self::tasksOf($work))),
            $asked->projects => self::projectsQuery()->when($work->isOnePersons(), static fn (Builder $own): Builder => $own->whereIn('projects.id', Task::query()->whereIn('id', self::tasksOf($work))->select('project_id'))),
            default => null,
        };
        foreach ($query === null ? [] : StreamedRows::of(self::only($query, $asked->tasks ? 'tasks.id' : 'projects.id', $onlyTasks)) as $row) {
            /** @var array{int, int, string, string|null, string, int, string|null, string|null, string|null, int|null} $row */
            [$id, $projectId, $project, $client, $manager, $isInternal, $phase, $code, $chargeCode, $isBillable] = $row;
            // Tasks share what they have of their project.
            $projects[$projectId] ??= [$project, $client, $manager, $isInternal === 1];
            $tasks[$id] = [$projects[$projectId], $phase, $code, $chargeCode, $isBillable === 1, $projectId];
        }
        $people = [];
        foreach ($asked->people ? StreamedRows::of(self::only(self::peopleQuery()->when($work->isOnePersons(), static fn (Builder $own): Builder => $own->whereIn('people.id', $work->people()->select('people.id'))), 'people.id', $onlyPeople)) : [] as $row) {
            /** @var array{int, string, string|null, string|null} $row */
            [$id, $code, $team, $role] = $row;
            $people[$id] = [$code, $team, $role];
        }

        return new self($tasks, $people, $asked->people ? self::codes('teams') : [], $asked->roles ? self::codes('roles') : [], $asked->field, self::values($asked->field), $asked->ofEntries);
    }

    /**
     * @param  int  $task  or project, where tasks are not told apart
     * @param  int  $person  0, like any of the others, for none
     * @param  int  $billable  as recorded: 0, 1, or 2 where the task says so
     * @param  string|null  $chargeCode  the entry's own; null where that of its task holds
     * @param  string|null  $field  what an own field holds of the entry
     */
    public function of(int $task, int $person, int $team, int $role, int $billable = RecordedTotals::BILLABLE_AS_TASK, ?string $chargeCode = null, ?string $field = null): WorkItem
    {
        // Sums tell all of these apart, so that each comes once or twice; entries one by one are of the same work again and again.
        return $this->ofEntries
            ? $this->made[implode(' ', [$task, $person, $team, $role, $billable, $chargeCode, "\x00", $field])] ??= $this->make($task, $person, $team, $role, $billable, $chargeCode, $field)
            : $this->make($task, $person, $team, $role, $billable, $chargeCode, $field);
    }

    private function make(int $task, int $person, int $team, int $role, int $billable, ?string $ownChargeCode, ?string $ofEntry): WorkItem
    {
        [[$project, $client, $manager, $isInternal], $phase, $code, $chargeCode, $isBillable, $projectId] = $this->tasks[$task] ?? [[null, null, null, false], null, null, null, false, 0];
        [$who, $ofTeam, $usual] = $this->people[$person] ?? [null, null, null];

        return new WorkItem($project, $client, $phase, $code, $who, $who === null ? $this->teams[$team] ?? null : $ofTeam, $this->roles[$role] ?? $usual, $manager, $ownChargeCode ?? $chargeCode, $isInternal,
            $billable === RecordedTotals::BILLABLE_AS_TASK ? $isBillable : $billable === 1, field: match ($this->field?->subject) {
                FieldSubject::Task => $this->values[$task] ?? null,
                FieldSubject::Project => $this->values[$projectId] ?? null,
                FieldSubject::Person => $this->values[$person] ?? null,
                default => $ofEntry,
            });
    }

    /** @return array<int, string> none for fields of entries and expenses, which tell it themselves */
    private static function values(?OwnField $field): array
    {
        $values = [];
        $column = $field === null || $field->subject === FieldSubject::Entry || $field->subject === FieldSubject::Expense ? null : $field->subject->value.'_id';
        foreach ($column === null ? [] : Record::each(OwnFieldValue::query()->toBase()->whereIn('own_field_id', OwnFieldModel::query()->where('code', $field->code)->select('id'))->whereNotNull($column)->select($column.' AS id', 'value')) as $row) {
            $values[$row->int('id')] = $row->string('value');
        }

        return $values;
    }

    /** What the own field that is asked for holds of somebody; null for fields of anything else. */
    public function fieldOf(int $person): ?string
    {
        return $this->field?->subject === FieldSubject::Person ? $this->values[$person] ?? null : null;
    }

    /** @param  list<int>|null  $numbers  null for all */
    private static function only(Builder $rows, string $column, ?array $numbers): Builder
    {
        return $numbers === null ? $rows : $rows->whereIntegerInRaw($column, $numbers);
    }

    /** Tasks on which one person has recorded time, or is planned. */
    private static function tasksOf(ComparableWork $work): Builder
    {
        return $work->narrow(RecordedWeek::query()->toBase())->select('task_id')->union($work->narrow(Assignment::query()->toBase())->select('task_id'));
    }

    private static function projectsQuery(): Builder
    {
        $nothing = array_map(Sql::none(...), ['phase', 'code', 'charge_code']);

        return self::projects(Project::query()->toBase())->select('projects.id', 'projects.id AS project_id', ...self::OF_PROJECT)->addSelect(...$nothing)->addSelect('projects.billable');
    }

    private static function tasksQuery(): Builder
    {
        return self::projects(Project::query()->toBase())->join('tasks', 'tasks.project_id', 'projects.id')->leftJoin('phases', 'phases.id', 'tasks.phase_id')
            ->select('tasks.id', 'tasks.project_id', ...self::OF_PROJECT)->addSelect('phases.name AS phase', 'tasks.code', 'tasks.charge_code', Sql::first(['tasks.billable', 'projects.billable'], 'billable'));
    }

    private static function projects(Builder $projects): Builder
    {
        return $projects->join('people AS managers', 'managers.id', 'projects.manager_id')->leftJoin('clients', 'clients.id', 'projects.client_id');
    }

    private static function peopleQuery(): Builder
    {
        return Person::query()->toBase()->leftJoin('teams', 'teams.id', 'people.team_id')->leftJoin('roles', 'roles.id', 'people.role_id')
            ->select('people.id', 'people.code', 'teams.code AS team', 'roles.code AS role');
    }

    /**
     * @param  literal-string  $table
     * @return array<int, string>
     */
    private static function codes(string $table): array
    {
        $codes = [];
        foreach (Record::all(DB::table($table)->select('id', 'code')) as $row) {
            $codes[$row->int('id')] = $row->string('code');
        }

        return $codes;
    }
}
