<?php

declare(strict_types=1);

namespace App\Features\Plan\Queries;

use App\Effort\EarlierPlan;
use App\Features\Plan\Props\PlanAssignmentProps;
use App\Features\Plan\Props\PlanGoneProps;
use App\Features\Plan\Props\PlanProps;
use App\Features\Plan\Props\PlanTaskProps;
use App\Models\Assignment;
use App\Models\Entry;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\PlanStep;
use App\Models\Project;
use App\Models\ProjectState;
use App\Models\Task;
use App\OwnFields\OwnFieldList;
use App\OwnFields\OwnFieldValues;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Moss\Core\Money\Money;
use Moss\Core\OwnFields\FieldSubject;

/** The plan of a project as its page shows it, in a fixed number of queries. */
final readonly class PlanView
{
    public function __construct(private Today $today)
    {
    }

    /** @param  string|null  $compared  a day, or `baseline`; null for no comparison */
    public function of(Project $project, Person $reader, ?string $compared): PlanProps
    {
        $project->loadMissing('client', 'manager');
        $dates = EarlierPlan::dates($project);
        $baselineOn = $project->baseline_on?->toString() ?? $dates[0] ?? '';
        $on = $compared === 'baseline' ? $baselineOn : $compared;
        $then = $on === null || $on === '' ? null : EarlierPlan::on($project, $on);
        $seesBudget = Gate::forUser($reader)->allows('viewBudget', $project);
        $fields = OwnFieldList::all();
        $tasks = self::tasks($project, $then, $seesBudget, $fields);
        $today = $this->today->for($reader);

        return new PlanProps(
            $project->code,
            $project->name,
            $project->client?->name,
            $project->manager->name,
            $project->manager->code,
            $project->starts_on?->toString(),
            $project->ends_on?->toString(),
            $project->billable,
            $project->state === ProjectState::Open,
            $project->estimate_mode?->value,
            Organisation::query()->sole()->currency,
            Gate::forUser($reader)->allows('plan', $project),
            $seesBudget,
            array_sum(array_map(static fn (PlanTaskProps $task): int => $task->planned, $tasks)),
            $then?->total(),
            $tasks,
            $fields->asked($today, null, $project->client?->code)->ofSubject(FieldSubject::Task)->props(),
            $fields->asked($today, null, $project->client?->code)->ofSubject(FieldSubject::Project)->props(),
            OwnFieldValues::of(FieldSubject::Project, [$project->id])[$project->id] ?? [],
            array_reverse($dates),
            $baselineOn,
            $then?->day,
        );
    }

    /** @return list<PlanTaskProps> */
    private static function tasks(Project $project, ?EarlierPlan $then, bool $seesBudget, OwnFieldList $fields): array
    {
        $assignments = self::assignments($project);
        $gone = $then === null ? [] : self::namesOfGone($then, $assignments, $project);
        $query = Task::query()->toBase()->leftJoin('phases', 'phases.id', 'tasks.phase_id')->where('tasks.project_id', $project->id)
            ->select('tasks.*', 'phases.name AS phase')
            ->selectSub(OwnFieldValues::beside(FieldSubject::Task, 'tasks.id'), 'fields')
            ->selectSub(Entry::query()->toBase()->whereColumn('entries.task_id', 'tasks.id')->select('entries.id')->limit(1), 'recorded')
            // Phases, and tasks in them, in the order in which they begin; what has no phase comes last.
            ->selectRaw('coalesce(tasks.starts_on, (SELECT min(assignments.starts_on) FROM assignments WHERE assignments.task_id = tasks.id), ?) AS begins', ['9999'])
            ->orderBy('begins')->orderBy('tasks.id');
        $byPhase = [];
        foreach (Record::all($query) as $task) {
            $byPhase[$task->stringOrNull('phase') ?? ''][] = self::task($task, $assignments[$task->int('id')] ?? [], $gone[$task->int('id')] ?? [], $then, $seesBudget, $fields);
        }
        uksort($byPhase, static fn (string $one, string $other): int => ($one === '') <=> ($other === ''));

        return array_merge(...array_values($byPhase));
    }

    /**
     * @param  list<Record>  $assignments
     * @param  list<PlanGoneProps>  $gone
     */
    private static function task(Record $task, array $assignments, array $gone, ?EarlierPlan $then, bool $seesBudget, OwnFieldList $fields): PlanTaskProps
    {
        $held = OwnFieldValues::read($task->stringOrNull('fields'));
        $assigned = array_sum(array_map(static fn (Record $one): int => $one->int('planned_minutes'), $assignments));
        $budget = $task->intOrNull('budget_cents');

        return new PlanTaskProps(
            $task->int('id'),
            $task->string('code'),
            $task->string('name'),
            $task->stringOrNull('phase'),
            $task->intOrNull('planned_minutes'),
            $task->intOrNull('planned_minutes') ?? $assigned,
            $assigned,
            $seesBudget && $budget !== null ? Money::ofCents($budget)->toString() : null,
            $task->stringOrNull('starts_on'),
            $task->stringOrNull('ends_on'),
            $task->stringOrNull('charge_code'),
            $task->stringOrNull('done_on'),
            $task->intOrNull('recorded') !== null,
            $then?->ofTask($task->int('id')),
            array_combine(array_keys($held), array_map(static fn (string $code): string => $fields->named($code)?->nameOf($held[$code]) ?? $held[$code], array_keys($held))),
            self::rows($assignments, $then),
            $gone,
        );
    }

    /**
     * @param  list<Record>  $assignments  of one task
     * @return list<PlanAssignmentProps>
     */
    private static function rows(array $assignments, ?EarlierPlan $then): array
    {
        $groups = [];
        foreach ($assignments as $one) {
            // Stretches of a single day of the same assignee in the same role are hours given by day.
            $isDay = $one->string('starts_on') === $one->string('ends_on');
            $groups[implode(' ', [$one->string('assignee'), $one->stringOrNull('role_code'), $isDay ? '' : $one->string('starts_on')])][] = $one;
        }
        $rows = [];
        $seen = [];
        foreach ($groups as $group) {
            $first = $group[0];
            $assignee = $first->string('assignee');
            $minutes = array_map(static fn (Record $one): int => $one->int('planned_minutes'), $group);
            $isByDay = count($group) > 1;
            $rows[] = new PlanAssignmentProps(
                array_map(static fn (Record $one): int => $one->int('id'), $group),
                $assignee,
                $first->string('assignee_name'),
                $first->stringOrNull('person_code'),
                $isByDay,
                $first->stringOrNull('role_code'),
                array_sum($minutes),
                $first->string('starts_on'),
                $group[count($group) - 1]->string('ends_on'),
                $then === null || isset($seen[$assignee]) ? null : $then->ofAssignee($first->int('task_id'), $first->intOrNull('person_id'), $first->intOrNull('team_id')),
                $isByDay ? array_combine(array_map(static fn (Record $one): string => $one->string('starts_on'), $group), $minutes) : [],
            );
            $seen[$assignee] = true;
        }

        return $rows;
    }

    /** @return array<int, list<Record>> by task, in the order of days */
    private static function assignments(Project $project): array
    {
        $byTask = [];
        foreach (Record::all(Assignment::query()->toBase()->join('tasks', 'tasks.id', 'assignments.task_id')
            ->leftJoin('people', 'people.id', 'assignments.person_id')->leftJoin('teams', 'teams.id', 'assignments.team_id')->leftJoin('roles', 'roles.id', 'assignments.role_id')
            ->where('tasks.project_id', $project->id)
            ->select('assignments.*', 'roles.code AS role_code', 'people.code AS person_code')
            ->selectRaw("coalesce('person:' || people.code, 'team:' || teams.code) AS assignee, coalesce(people.name, teams.name) AS assignee_name")
            ->orderBy('assignments.task_id')->orderBy('assignments.starts_on')->orderBy('assignee_name')->orderBy('assignments.id')) as $one) {
            $byTask[$one->int('task_id')][] = $one;
        }

        return $byTask;
    }

    /**
     * @param  array<int, list<Record>>  $assignments
     * @return array<int, list<PlanGoneProps>> by task, who was planned then and is not any more
     */
    private static function namesOfGone(EarlierPlan $then, array $assignments, Project $project): array
    {
        $names = [];
        foreach (['person' => 'people', 'team' => 'teams'] as $kind => $table) {
            $column = $kind.'_id';
            foreach (Record::all(DB::table($table)->select('id', 'name')->whereIn('id', PlanStep::query()->toBase()->join('tasks', 'tasks.id', 'plan_steps.task_id')
                ->where('tasks.project_id', $project->id)->select('plan_steps.'.$column))) as $one) {
                $names[$kind.':'.$one->int('id')] = $one->string('name');
            }
        }
        $gone = [];
        foreach (Record::all(Task::query()->toBase()->select('id')->where('project_id', $project->id)) as $task) {
            $id = $task->int('id');
            $there = array_map(static fn (Record $one): string => EarlierPlan::key($one->intOrNull('person_id'), $one->intOrNull('team_id')), $assignments[$id] ?? []);
            foreach (array_diff_key($then->assigneesOf($id), array_flip($there)) as $assignee => $minutes) {
                $gone[$id][] = new PlanGoneProps($names[$assignee] ?? $assignee, $minutes);
            }
        }

        return $gone;
    }
}
