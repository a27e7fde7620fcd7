<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Features\Calendar\Queries\WorkingTime;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Money\Money;
use Moss\Core\Planning\Assignee;
use Moss\Core\Planning\Assignment;
use Moss\Core\Planning\PlannedTask;
use Moss\Core\Time\Minutes;

/**
 * The plans of projects as the core takes them, in two queries beside those of the working time.
 */
final class ProjectPlans
{
    /** @var array<string, Capacity> by pattern and calendar, since people share them */
    private array $capacities = [];

    public function __construct(private readonly WorkingTime $working)
    {
    }

    /**
     * @param  list<int>  $projects  ids
     * @return array<int, PlannedTask> by task id, in the order of project, phase and task
     */
    public function ofProjects(array $projects): array
    {
        return $this->those('tasks.project_id', $projects);
    }

    /**
     * @param  list<int>  $tasks  ids
     * @return array<int, PlannedTask> by task id
     */
    public function ofTasks(array $tasks): array
    {
        return $this->those('tasks.id', $tasks);
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, PlannedTask>
     */
    private function those(string $column, array $ids): array
    {
        $assignments = $this->assignments($column, $ids);
        $tasks = DB::table('tasks')
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->leftJoin('phases', 'phases.id', 'tasks.phase_id')
            ->whereIntegerInRaw($column, $ids)
            ->select('tasks.id', 'tasks.code', 'projects.code AS project', 'phases.name AS phase', 'tasks.planned_minutes', 'tasks.budget_cents')
            ->addSelect('tasks.starts_on', 'tasks.ends_on', 'tasks.done_on', 'projects.starts_on AS project_starts_on', 'projects.ends_on AS project_ends_on')
            ->orderBy('projects.code')->orderByRaw("coalesce(phases.name, '')")->orderBy('tasks.code');
        $plans = [];
        foreach (Record::all($tasks) as $task) {
            $plans[$task->int('id')] = $this->task($task, $assignments[$task->int('id')] ?? []);
        }

        return $plans;
    }

    /** @param  list<Assignment>  $assignments */
    private function task(Record $task, array $assignments): PlannedTask
    {
        $planned = $task->intOrNull('planned_minutes');
        $budget = $task->intOrNull('budget_cents');
        $doneOn = $task->stringOrNull('done_on');

        return new PlannedTask(
            $task->string('project'),
            $task->stringOrNull('phase'),
            $task->string('code'),
            $planned === null ? null : Minutes::of($planned),
            $budget === null ? null : Money::ofCents($budget),
            self::days($task),
            $doneOn === null ? null : Day::of($doneOn),
            $assignments,
        );
    }

    /** The task's dates, else the project's; where one end is not known, the other stands for both. */
    private static function days(Record $task): ?DayRange
    {
        $first = $task->stringOrNull('starts_on') ?? $task->stringOrNull('project_starts_on');
        $last = $task->stringOrNull('ends_on') ?? $task->stringOrNull('project_ends_on');
        $first ??= $last;
        $last ??= $first;
        if ($first === null || $last === null) {
            return null;
        }

        return DayRange::between(Day::of($first), Day::later(Day::of($first), Day::of($last)));
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, list<Assignment>> by task id
     */
    private function assignments(string $column, array $ids): array
    {
        $byTask = [];
        foreach (Record::all(self::assignmentsQuery($column, $ids)) as $record) {
            $person = $record->stringOrNull('person');
            $byTask[$record->int('task_id')][] = new Assignment(
                $person === null ? Assignee::team($record->string('team')) : Assignee::person($person),
                $record->stringOrNull('role'),
                Minutes::of($record->int('planned_minutes')),
                DayRange::between(Day::of($record->string('starts_on')), Day::of($record->string('ends_on'))),
                $this->capacity($record),
            );
        }

        return $byTask;
    }

    /** @param  list<int>  $ids */
    private static function assignmentsQuery(string $column, array $ids): Builder
    {
        return DB::table('assignments')
            ->join('tasks', 'tasks.id', 'assignments.task_id')
            ->leftJoin('people', 'people.id', 'assignments.person_id')
            ->leftJoin('teams', 'teams.id', 'assignments.team_id')
            ->leftJoin('roles', 'roles.id', 'assignments.role_id')
            ->whereIntegerInRaw($column, $ids)
            ->select('assignments.task_id', 'people.code AS person', 'teams.code AS team', 'roles.code AS role', 'assignments.planned_minutes')
            ->addSelect('assignments.starts_on', 'assignments.ends_on', 'people.pattern', 'people.calendar_id')
            ->orderBy('assignments.task_id')->orderBy('assignments.starts_on')->orderBy('assignments.id');
    }

    private function capacity(Record $record): Capacity
    {
        if ($record->stringOrNull('person') === null) {
            return $this->working->ofOrganisation();
        }
        [$pattern, $calendar] = [$record->stringOrNull('pattern'), $record->intOrNull('calendar_id')];

        return $this->capacities[$pattern.'/'.$calendar] ??= $this->working->capacity($pattern, $calendar);
    }
}
