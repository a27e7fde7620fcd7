<?php

declare(strict_types=1);

namespace App\Features\MyTasks\Queries;

use App\Effort\EffortReader;
use App\Effort\EffortScope;
use App\Features\MyTasks\Props\MyTaskProps;
use App\Features\MyTasks\Props\MyTasksProps;
use App\Features\MyTasks\Props\TaskDue;
use App\Features\Week\Queries\AssignmentsOf;
use App\Models\Assignment;
use App\Models\Entry;
use App\Models\FavouriteTask;
use App\Models\Person;
use App\Models\ProposedEstimate;
use App\Models\Task;
use App\Sheet\ExpectedDays;
use App\Sheet\LineKey;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Database\Rows;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;
use Moss\Core\Effort\AssigneeEffort;

/** The tasks of a person: assigned to them or their team and not done, and pinned ones; in a fixed number of queries. */
final readonly class TaskList
{
    public function __construct(private EffortReader $efforts, private Today $today)
    {
    }

    public function of(Person $owner): MyTasksProps
    {
        $owner->loadMissing('team');
        $today = $this->today->for($owner);
        $rows = self::rows($owner);
        $tasks = array_values(array_unique(array_map(static fn (TaskRow $row): int => $row->taskId, $rows)));
        $scope = EffortScope::tasks($tasks)->fallingOn([$owner->id], $owner->team_id === null ? [] : [$owner->team_id]);
        $efforts = $tasks === [] ? null : $this->efforts->minutes($scope);
        $waiting = self::waiting($owner, $tasks);
        $entered = self::enteredOn($owner, $today);
        $shown = [];
        foreach ($rows as $row) {
            $effort = $row->internal ? null : $efforts?->of($row->taskId)?->effortOf($owner->code, $owner->team?->code);
            if ($effort?->isDone() === true && $row->pinned === null) {
                continue;
            }
            $shown[] = self::props($row, $effort, $today, $waiting[$row->taskId] ?? null, $entered[LineKey::of($row->taskId, $row->roleId)] ?? 0);
        }
        usort($shown, static fn (MyTaskProps $one, MyTaskProps $other): int => self::rank($one) <=> self::rank($other));

        return new MyTasksProps(
            $today->toString(), Week::containing($today)->toString(), $shown, array_sum($entered),
            ExpectedDays::of($owner, DayRange::between($today, $today))->hours()->on($today)->toInt(),
        );
    }

    private static function props(TaskRow $row, ?AssigneeEffort $effort, Day $today, ?int $waiting, int $enteredToday): MyTaskProps
    {
        return new MyTaskProps(
            LineKey::of($row->taskId, $row->roleId),
            $row->taskId,
            $row->roleId,
            $row->name,
            $row->code,
            $row->project,
            $row->projectName,
            $row->roleName,
            self::due($row, $today),
            $row->startsOn?->toString(),
            $row->endsOn?->toString(),
            $effort?->assignee->isTeam === false ? null : $row->team,
            $effort?->planned()->toInt(),
            $effort?->entered()->toInt() ?? 0,
            $effort?->remaining()->toInt(),
            $effort?->latestEstimate() !== null,
            $waiting,
            $enteredToday,
            $row->pinned !== null,
            $row->trackerState,
            $row->trackerComment === null || $row->trackerComment === '' ? null : $row->trackerCommentBy.': '.$row->trackerComment,
        );
    }

    private static function due(TaskRow $row, Day $today): TaskDue
    {
        $sunday = Week::containing($today)->sunday();

        return match (true) {
            $row->endsOn === null => TaskDue::Always,
            $row->endsOn->isBefore($today) => TaskDue::Overdue,
            ! $row->endsOn->isAfter($sunday) => TaskDue::ThisWeek,
            ! $row->endsOn->isAfter($sunday->plusDays(7)) => TaskDue::NextWeek,
            default => TaskDue::Later,
        };
    }

    /** @return list<int|string> */
    private static function rank(MyTaskProps $task): array
    {
        return [$task->isPinned ? 0 : 1, $task->dueOn ?? '9999', $task->projectCode, 'x'.$task->taskCode, $task->roleName ?? ''];
    }

    /** @return list<TaskRow> each line once: the person's own before their team's, with the last of its days */
    private static function rows(Person $owner): array
    {
        $mine = self::ofTask(Assignment::query()->toBase()->join('tasks', 'tasks.id', 'assignments.task_id'), 'assignments')
            ->leftJoin('teams', 'teams.id', 'assignments.team_id')
            ->leftJoin('favourite_tasks', static fn (JoinClause $join): JoinClause => $join->on('favourite_tasks.task_id', 'tasks.id')->where('favourite_tasks.person_id', $owner->id))
            ->where(AssignmentsOf::person($owner))
            ->where('projects.state', 'open')->whereNull('tasks.done_on')
            ->addSelect('assignments.starts_on', 'assignments.ends_on', 'teams.name AS team', 'favourite_tasks.id AS pinned')
            ->orderBy(Sql::isNull('assignments.person_id'))->orderByDesc('assignments.ends_on')->orderBy('assignments.id');
        $pinned = self::ofTask(FavouriteTask::query()->toBase()->join('tasks', 'tasks.id', 'favourite_tasks.task_id'), 'favourite_tasks')
            ->where('favourite_tasks.person_id', $owner->id)->where('projects.state', 'open')->whereNull('tasks.done_on')
            // What is only pinned has no days and is nobody's.
            ->addSelect(Sql::none('starts_on'), Sql::none('ends_on'), Sql::none('team'), 'favourite_tasks.id AS pinned');
        $rows = [];
        $tasks = [];
        foreach ([...Rows::of(TaskRow::class, $mine), ...Rows::of(TaskRow::class, $pinned)] as $row) {
            $isOwn = $row->team === null && $row->endsOn !== null;
            // A team's line stands only where the person has none of their own, a pinned one only where there is neither.
            if ($isOwn || ! isset($tasks[$row->taskId])) {
                $rows[LineKey::of($row->taskId, $row->roleId)] ??= $row;
            }
            $tasks[$row->taskId] = true;
        }

        return array_values($rows);
    }

    private static function ofTask(Builder $query, string $table): Builder
    {
        return $query->join('projects', 'projects.id', 'tasks.project_id')->leftJoin('roles', 'roles.id', $table.'.role_id')
            ->select('tasks.id AS task_id', 'tasks.code', 'tasks.name', 'projects.code AS project', 'projects.name AS project_name', 'projects.internal')
            ->leftJoin('tracker_tasks', 'tracker_tasks.task_id', 'tasks.id')
            ->addSelect($table.'.role_id', 'roles.name AS role_name', 'tracker_tasks.state AS tracker_state', 'tracker_tasks.comment AS tracker_comment', 'tracker_tasks.comment_by AS tracker_comment_by');
    }

    /**
     * @param  list<int>  $tasks
     * @return array<int, int> minutes by task
     */
    private static function waiting(Person $owner, array $tasks): array
    {
        $waiting = [];
        foreach (ProposedEstimate::query()->waiting()->where('person_id', $owner->id)->whereIntegerInRaw('task_id', $tasks)->get() as $one) {
            $waiting[$one->task_id] = $one->remaining_minutes->toInt();
        }

        return $waiting;
    }

    /** @return array<string, int> minutes by line */
    private static function enteredOn(Person $owner, Day $day): array
    {
        $entered = [];
        foreach (Record::all(Entry::query()->toBase()->where('person_id', $owner->id)->where('date', $day->toString())->groupBy('task_id', 'role_id')->select('task_id', 'role_id')->addSelect(Sql::sum('minutes', 'minutes'))) as $row) {
            $entered[LineKey::of($row->int('task_id'), $row->intOrNull('role_id'))] = $row->int('minutes');
        }

        return $entered;
    }
}
