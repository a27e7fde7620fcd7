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
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\WorkItem;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\OwnFields\OwnField;

/** What the numbers of tasks, people, teams and roles stand for, as far as it is asked for; in at most six queries. */
final class WorkItems
{
    /** @var array<string, WorkItem> by the numbers they are made of */
    private array $made = [];

    /**
     * @param  array<int, array{string, string|null, string|null, bool, bool}>  $projects  project, client, manager, whether it is internal and whether it is billable, by project id
     * @param  array<int, array{int, string|null, string, string|null, int|null}>|null  $tasks  project id, phase, task, charge code and whether it is billable, which is null where its project says so, by task id; null where tasks are not told apart
     * @param  array<int, array{string, string|null, string|null}>  $people  person, team and usual role by person id
     * @param  array<int, string>  $values  what the own field holds that is asked for, by the id of its task, project or person
     * @param  array<int, string>  $teams
     * @param  array<int, string>  $roles
     */
    private function __construct(private readonly array $projects, private readonly ?array $tasks, private readonly array $people, private readonly array $teams, private readonly array $roles, private readonly ?OwnField $field, private readonly array $values, private readonly bool $ofEntries)
    {
    }

    /**
     * @param  list<int>|null  $onlyTasks  numbers of all tasks that are needed, or of projects where tasks are not told apart; null for all
     * @param  list<int>|null  $onlyPeople
     */
    public static function load(ComparisonTerms $terms, Dimensions $asked, ComparableWork $work, ?array $onlyTasks = null, ?array $onlyPeople = null): self
    {
        $ofTasks = $asked->tasks ? self::only(Task::query()->toBase(), 'tasks.id', $onlyTasks)->when($work->isOnePersons(), static fn (Builder $own): Builder => $own->whereIn('tasks.id', self::tasksOf($work))) : null;
        $ofProjects = match (true) {
            $ofTasks !== null => self::projectsQuery($terms)->when($ofTasks->wheres !== [], static fn (Builder $some): Builder => $some->whereIn('projects.id', $ofTasks->clone()->select('tasks.project_id'))),
            $asked->projects => self::only(self::projectsQuery($terms), 'projects.id', $onlyTasks)->when($work->isOnePersons(), static fn (Builder $own): Builder => $own->whereIn('projects.id', Task::query()->whereIn('id', self::tasksOf($work))->select('project_id'))),
            default => null,
        };
        $projects = [];
        foreach ($ofProjects === null ? [] : StreamedRows::of($ofProjects) as $row) {
            /** @var array{int, string, string|null, string|null, int, int} $row */
            [$id, $code, $client, $manager, $isInternal, $isBillable] = $row;
            $projects[$id] = [$code, $client, $manager, $isInternal === 1, $isBillable === 1];
        }
        $tasks = [];
        foreach ($ofTasks === null ? [] : StreamedRows::of(self::told($ofTasks, $terms)) as $row) {
            /** @var array{int, int, string|null, string, string|null, int|null} $row */
            [$id, $projectId, $phase, $code, $chargeCode, $isBillable] = $row;
            $tasks[$id] = [$projectId, $phase, $code, $chargeCode, $isBillable];
        }
        $people = [];
        foreach ($asked->people ? StreamedRows::of(self::only(self::peopleQuery($terms)->when($work->isOnePersons(), static fn (Builder $own): Builder => $own->whereIn('people.id', $work->people()->select('people.id'))), 'people.id', $onlyPeople)) : [] as $row) {
            /** @var array{int, string, string|null, string|null} $row */
            [$id, $code, $team, $role] = $row;
            $people[$id] = [$code, $team, $role];
        }

        return new self($projects, $ofTasks === null ? null : $tasks, $people, $asked->people ? self::codes('teams') : [], $asked->roles ? self::codes('roles') : [], $asked->field, self::values($asked->field), $asked->ofEntries);
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
        [$projectId, $phase, $code, $chargeCode, $isOwnBillable] = $this->tasks === null ? [$task, null, null, null, null] : $this->tasks[$task] ?? [0, null, null, null, null];
        [$project, $client, $manager, $isInternal, $isBillable] = $this->projects[$projectId] ?? [null, null, null, false, false];
        if ($billable === RecordedTotals::BILLABLE_AS_TASK) {
            $billable = $isOwnBillable;
        }
        [$who, $ofTeam, $usual] = $this->people[$person] ?? [null, null, null];

        return new WorkItem($project, $client, $phase, $code, $who, $who === null ? $this->teams[$team] ?? null : $ofTeam, $this->roles[$role] ?? $usual, $manager, $ownChargeCode ?? $chargeCode, $isInternal,
            $billable === null ? $isBillable : $billable === 1, field: match ($this->field?->subject) {
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

    private static function told(Builder $tasks, ComparisonTerms $terms): Builder
    {
        self::named($tasks->select('tasks.id', 'tasks.project_id'), 'phases', 'tasks.phase_id', 'phases.name', 'phase', $terms->isAbout(Grouping::Phase));

        return $tasks->addSelect('tasks.code', 'tasks.charge_code', 'tasks.billable');
    }

    private static function projectsQuery(ComparisonTerms $terms): Builder
    {
        $projects = Project::query()->toBase()->select('projects.id', 'projects.code');
        self::named($projects, 'clients', 'projects.client_id', 'clients.code', 'client', $terms->asksForClients());
        // Whoever manages a project may see what it costs.
        self::named($projects, 'people AS managers', 'projects.manager_id', 'managers.code', 'manager', $terms->asksForManagers() || $terms->asksMoney());

        return $projects->addSelect('projects.internal', 'projects.billable');
    }

    private static function peopleQuery(ComparisonTerms $terms): Builder
    {
        $people = Person::query()->toBase()->select('people.id', 'people.code');
        self::named($people, 'teams', 'people.team_id', 'teams.code', 'team', $terms->asksForTeams());

        return self::named($people, 'roles', 'people.role_id', 'roles.code', 'role', $terms->asksForRoles());
    }

    /** Joins what a number names, where that is asked for; else there is nothing in its place. */
    private static function named(Builder $rows, string $table, string $number, string $name, string $alias, bool $isAskedFor): Builder
    {
        return $isAskedFor ? $rows->leftJoin($table, strtok($name, '.').'.id', $number)->addSelect("$name AS $alias") : $rows->addSelect(Sql::none($alias));
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
