<?php

declare(strict_types=1);

namespace App\Effort;

use App\Models\Assignment as AssignmentModel;
use App\Models\Task;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Money\Money;
use Moss\Core\Planning\Assignee;
use Moss\Core\Planning\Assignment;
use Moss\Core\Planning\Capacities;
use Moss\Core\Planning\PlannedTask;
use Moss\Core\Time\Minutes;

/** The plans of tasks as the core takes them, in two queries, and two more for working time where it is asked for. */
final class PlanReader
{
    private ?WorkingTime $working = null;

    public function of(EffortScope $scope): Plans
    {
        [$parts, $people] = self::parts($scope);
        [$tasks, $projects] = [[], []];
        foreach (Record::each(self::tasksQuery($scope)) as $task) {
            $id = $task->int('id');
            $tasks[$id] = self::task($task, array_map(static fn (PlannedPart $part): Assignment => $part->assignment, $parts[$id] ?? []));
            $projects[$id] = $task->int('project_id');
        }

        return new Plans($tasks, $projects, $parts, fn (): Capacities => Capacities::of(
            $this->working()->ofOrganisation(),
            array_map(fn (array $person): Capacity => $this->working()->capacity(...$person), $people),
        ));
    }

    /** Working time, read once. */
    public function working(): WorkingTime
    {
        return $this->working ??= WorkingTime::load();
    }

    /** Calendars and patterns are read again for the next plan. */
    public function forget(): void
    {
        $this->working = null;
    }

    private static function tasksQuery(EffortScope $scope): Builder
    {
        return $scope->narrow(Task::query()->toBase(), 'tasks.id')
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->leftJoin('phases', 'phases.id', 'tasks.phase_id')
            ->select('tasks.id', 'tasks.project_id', 'tasks.code', 'projects.code AS project', 'phases.name AS phase', 'tasks.planned_minutes', 'tasks.budget_cents')
            ->addSelect('tasks.starts_on', 'tasks.ends_on', 'tasks.done_on', 'projects.starts_on AS project_starts_on', 'projects.ends_on AS project_ends_on')
            ->orderBy('projects.code')->orderBy(Sql::first(['phases.name'], none: ''))->orderBy('tasks.code');
    }

    /** @param  list<Assignment>  $assignments */
    private static function task(Record $task, array $assignments): PlannedTask
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

    /** @return array{array<int, list<PlannedPart>>, array<array-key, array{string|null, int|null}>} by task id; and people's patterns and calendars, by person code */
    private static function parts(EffortScope $scope): array
    {
        $query = $scope->narrowAssignments($scope->narrow(AssignmentModel::query()->toBase(), 'assignments.task_id'))
            ->leftJoin('people', 'people.id', 'assignments.person_id')
            ->leftJoin('teams', 'teams.id', 'assignments.team_id')
            ->leftJoin('roles', 'roles.id', 'assignments.role_id')
            ->select('assignments.task_id', 'assignments.person_id', 'assignments.team_id', 'assignments.role_id')
            ->addSelect('people.code AS person', 'teams.code AS team', 'roles.code AS role', 'assignments.planned_minutes')
            ->addSelect('assignments.starts_on', 'assignments.ends_on', 'people.pattern', 'people.calendar_id')
            ->orderBy('assignments.task_id')->orderBy('assignments.starts_on')->orderBy('assignments.id');
        [$byTask, $people] = [[], []];
        foreach (Record::each($query) as $record) {
            $person = $record->stringOrNull('person');
            $assignment = new Assignment(
                $person === null ? Assignee::team($record->string('team')) : Assignee::person($person),
                $record->stringOrNull('role'),
                Minutes::of($record->int('planned_minutes')),
                DayRange::between(Day::of($record->string('starts_on')), Day::of($record->string('ends_on'))),
            );
            $byTask[$record->int('task_id')][] = new PlannedPart($assignment, $record->intOrNull('person_id') ?? 0, $record->intOrNull('team_id') ?? 0, $record->intOrNull('role_id') ?? 0);
            if ($person !== null) {
                $people[$person] ??= [$record->stringOrNull('pattern'), $record->intOrNull('calendar_id')];
            }
        }

        return [$byTask, $people];
    }
}
