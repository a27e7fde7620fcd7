<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Queries;

use App\Effort\PlanReader;
use App\Features\ScheduleFiles\Files\ScheduleReading;
use App\Models\Assignment;
use App\Models\Entry;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Models\TaskDependency;
use App\Models\TaskSchedule;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Moss\Core\Planning\Capacities;
use Moss\Core\Schedule\Dependency;
use Moss\Core\Schedule\Push;
use Moss\Core\Schedule\Pushes;
use Moss\Core\Schedule\Schedule;
use Moss\Core\Schedule\ScheduledTask;
use Moss\Core\Schedule\ScheduledWork;

/** The plan of a project as scheduling programs have it, and what was recorded on it. */
final readonly class PlanAsSchedule
{
    public function __construct(private PlanReader $plans)
    {
    }

    /**
     * What the days of people hold.
     *
     * @param  list<string>  $people  codes
     */
    public function capacities(array $people): Capacities
    {
        $working = $this->plans->working();
        $capacities = [];
        foreach (Person::query()->whereIn('code', $people)->get(['code', 'pattern', 'calendar_id']) as $person) {
            $capacities[$person->code] = $working->capacity($person->pattern, $person->calendar_id);
        }

        return Capacities::of($working->ofOrganisation(), $capacities);
    }

    public function of(Project $project, ?Capacities $capacities = null): Schedule
    {
        $assignments = Assignment::query()->with(['person:id,code', 'team:id,code', 'role:id,code', 'task:id,code'])->whereIn('task_id', $project->tasks()->select('id'))->orderBy('starts_on')->get();
        $capacities ??= $this->capacities(array_values(array_unique(array_filter($assignments->map(static fn (Assignment $one): string => $one->person->code ?? '')->all()))));
        $stretches = [];
        foreach ($assignments as $one) {
            $assignee = $one->person === null ? 'team:'.$one->team?->code : 'person:'.$one->person->code;
            $stretches[ScheduledWork::keyOf($one->task->code, $assignee, $one->role->code ?? '')][] = [$one->task->code, $assignee, $one->role->code ?? '', [$one->starts_on->toString(), $one->ends_on->toString(), $one->planned_minutes->toInt()]];
        }
        $work = [];
        foreach ($stretches as $key => $all) {
            $of = array_column($all, 3);
            $work[$key] = new ScheduledWork($all[0][0], $all[0][1], $all[0][2], $of, ScheduleReading::byDay($all[0][1], $of, $capacities));
        }

        return new Schedule(self::tasks($project), $work);
    }

    /** @return list<Push> what tasks that were moved push */
    public static function pushes(Project $project): array
    {
        return Pushes::of(self::tasks($project));
    }

    /** @return array<string, array{int, string}> minutes and last day by task, and by task and person */
    public static function recorded(Project $project): array
    {
        $recorded = [];
        foreach (Record::all(Entry::query()->toBase()->join('tasks', 'tasks.id', 'entries.task_id')->join('people', 'people.id', 'entries.person_id')->where('tasks.project_id', $project->id)
            ->groupBy('tasks.code', 'people.code')->select('tasks.code AS task', 'people.code AS person')->addSelect(Sql::sum('entries.minutes', 'minutes'), Sql::max('entries.date', 'last'))) as $row) {
            foreach ([$row->string('task'), $row->string('task').' person:'.$row->string('person')] as $key) {
                [$minutes, $last] = $recorded[$key] ?? [0, ''];
                $recorded[$key] = [$minutes + $row->int('minutes'), max($last, $row->string('last'))];
            }
        }

        return $recorded;
    }

    /** @return array<array-key, ScheduledTask> by code */
    private static function tasks(Project $project): array
    {
        $about = TaskSchedule::query()->whereIn('task_id', $project->tasks()->select('id'))->get()->keyBy('task_id');
        $after = [];
        foreach (TaskDependency::query()->with('predecessor:id,code')->whereIn('task_id', $project->tasks()->select('id'))->orderBy('id')->get() as $one) {
            $after[$one->task_id][] = new Dependency($one->predecessor->code, $one->kind, $one->lag);
        }
        $tasks = [];
        foreach (Task::query()->with('phase')->where('project_id', $project->id)->orderBy('id')->get() as $task) {
            $tasks[$task->code] = new ScheduledTask($task->code, $task->name, $task->phase->name ?? '', $about->get($task->id)->wbs ?? '', $about->get($task->id)->is_milestone ?? false, $after[$task->id] ?? [], $task->starts_on, $task->ends_on, $task->planned_minutes);
        }

        return $tasks;
    }
}
