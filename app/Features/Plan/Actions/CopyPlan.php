<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\Http\Input\WorkDay;
use App\Models\Assignment;
use App\Models\Person;
use App\Models\Phase;
use App\Models\Project;
use App\Models\Task;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/** Takes one project's plan over as the start of another, with all its days moved by as many days as the projects begin apart. */
final class CopyPlan
{
    public function __construct(private readonly PlanTrail $trail, private readonly SaveProject $save, private readonly AssignedNotices $notices)
    {
    }

    /** @throws PlanRefused */
    public function handle(Person $actor, Project $source, string $code, ProjectSettings $settings, bool $withPeople): Project
    {
        return DB::transaction(function () use ($actor, $source, $code, $settings, $withPeople): Project {
            $tasks = $source->tasks()->with('phase', 'assignments')->orderBy('id')->get();
            $first = self::firstDay($source, $tasks->all());
            $by = $first === null || $settings->startsOn === null ? 0 : Day::of($first)->daysUntil(Day::of($settings->startsOn));
            $project = $this->save->create($actor, $code, $settings, '');
            if ($project->ends_on === null && $source->ends_on !== null) {
                $project->update(['ends_on' => self::moved($source->ends_on, $by)]);
            }
            $assigned = [];
            foreach ($tasks as $task) {
                $copy = self::copyTask($task, $project, $by);
                $this->trail->task($actor, $project, $copy, 'add', null, PlanTrail::told($copy));
                foreach ($withPeople ? $task->assignments : [] as $assignment) {
                    $own = self::copyAssignment($assignment, $copy, $by);
                    $this->trail->assignment($actor, $project, $copy, $own, 'assign', null, PlanTrail::told($own));
                    if ($own->person_id !== null && $own->person_id !== $actor->id) {
                        $assigned[$own->person_id][$copy->id] = true;
                    }
                }
            }
            $this->trail->write();
            $this->notices->of($assigned);

            return $project;
        });
    }

    private static function copyTask(Task $task, Project $project, int $by): Task
    {
        return Task::query()->create([
            'project_id' => $project->id, 'code' => $task->code, 'name' => $task->name, 'planned_minutes' => $task->planned_minutes, 'budget_cents' => $task->budget_cents,
            'starts_on' => self::moved($task->starts_on, $by), 'ends_on' => self::moved($task->ends_on, $by), 'charge_code' => $task->charge_code, 'billable' => $task->billable,
            'phase_id' => $task->phase === null ? null : Phase::query()->firstOrCreate(['project_id' => $project->id, 'name' => $task->phase->name])->id,
        ]);
    }

    private static function copyAssignment(Assignment $assignment, Task $task, int $by): Assignment
    {
        return Assignment::query()->create([
            'task_id' => $task->id, 'person_id' => $assignment->person_id, 'team_id' => $assignment->team_id, 'role_id' => $assignment->role_id, 'planned_minutes' => $assignment->planned_minutes,
            'starts_on' => self::movedDay($assignment->starts_on, $by), 'ends_on' => self::movedDay($assignment->ends_on, $by),
        ]);
    }

    private static function moved(?string $day, int $by): ?string
    {
        return $day === null ? null : self::movedDay($day, $by);
    }

    private static function movedDay(string $day, int $by): string
    {
        $moved = Day::of($day)->plusDays($by)->toString();

        return WorkDay::fault($moved) === null ? $moved : throw PlanRefused::because('copied_too_far');
    }

    /** @param  array<int, Task>  $tasks */
    private static function firstDay(Project $source, array $tasks): ?string
    {
        $days = [];
        foreach ($tasks as $task) {
            $days[] = $task->starts_on;
            foreach ($task->assignments as $assignment) {
                $days[] = $assignment->starts_on;
            }
        }
        $days = array_filter($days, is_string(...));

        return $source->starts_on ?? ($days === [] ? null : min($days));
    }
}
