<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\Effort\Recalculation\UpdateTotals;
use App\Http\Input\WorkDay;
use App\Models\Assignment;
use App\Models\Person;
use App\Models\Phase;
use App\Models\Project;
use App\Models\Task;
use App\OwnFields\OwnFieldValues;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\OwnFields\FieldSubject;

/** Takes one project's plan over as the start of another, with all its days moved by as many days as the projects begin apart. */
final class CopyPlan
{
    private const AT_ONCE = 200;

    public function __construct(private readonly PlanAuditTrail $auditTrail, private readonly UpdateTotals $totals, private readonly SaveProject $save, private readonly AssignedNotices $notices)
    {
    }

    /** @throws PlanRefused */
    public function handle(Person $actor, Project $source, string $code, ProjectSettings $settings, bool $withPeople): Project
    {
        return DB::transaction(function () use ($actor, $source, $code, $settings, $withPeople): Project {
            $tasks = $source->tasks()->with('phase', 'assignments')->orderBy('id')->get();
            $first = self::firstDay($source, $tasks->all());
            $by = $first === null || $settings->startsOn === null ? 0 : $first->daysUntil($settings->startsOn);
            $project = $this->save->create($actor, $code, $settings, '');
            if ($project->ends_on === null && $source->ends_on !== null) {
                $project->update(['ends_on' => self::moved($source->ends_on, $by)]);
            }
            $copies = self::copyTasks($tasks, $project, $by);
            foreach ($copies as $copy) {
                $this->auditTrail->task($actor, $project, $copy, 'add', null, PlanAuditTrail::told($copy));
            }
            $assigned = [];
            foreach ($withPeople ? self::copyAssignments($tasks, $copies, $by) : [] as [$copy, $own]) {
                $this->auditTrail->assignment($actor, $project, $copy, $own, 'add', null, PlanAuditTrail::told($own));
                if ($own->person_id !== null && $own->person_id !== $actor->id) {
                    $assigned[$own->person_id][$copy->id] = true;
                }
            }
            $this->totals->handle($this->auditTrail->write());
            $this->notices->of($assigned);

            return $project;
        });
    }

    /**
     * @param  Collection<int, Task>  $tasks
     * @return array<string, Task> by code
     */
    private static function copyTasks(Collection $tasks, Project $project, int $by): array
    {
        $phases = [];
        foreach ($tasks as $task) {
            if ($task->phase !== null) {
                $phases[$task->phase->name] ??= Phase::query()->create(['project_id' => $project->id, 'name' => $task->phase->name])->id;
            }
        }
        foreach ($tasks->chunk(self::AT_ONCE) as $chunk) {
            Task::query()->insert(array_values($chunk->map(static fn (Task $task): array => [
                'project_id' => $project->id, 'code' => $task->code, 'name' => $task->name, 'planned_minutes' => $task->planned_minutes?->toInt(), 'budget_cents' => $task->budget_cents?->cents(),
                'starts_on' => self::moved($task->starts_on, $by), 'ends_on' => self::moved($task->ends_on, $by), 'charge_code' => $task->charge_code, 'billable' => $task->billable,
                'phase_id' => $task->phase === null ? null : $phases[$task->phase->name],
            ])->all()));
        }
        $copies = [];
        foreach ($project->tasks()->orderBy('id')->get() as $copy) {
            $copies[$copy->code] = $copy;
        }
        $others = [];
        foreach ($tasks as $task) {
            $others[$task->id] = $copies[$task->code]->id;
        }
        OwnFieldValues::copy(FieldSubject::Task, $others);

        return $copies;
    }

    /**
     * @param  Collection<int, Task>  $tasks
     * @param  array<string, Task>  $copies  by code
     * @return list<array{Task, Assignment}>
     */
    private static function copyAssignments(Collection $tasks, array $copies, int $by): array
    {
        $own = [];
        foreach ($tasks as $task) {
            foreach ($task->assignments as $assignment) {
                $own[] = [$copies[$task->code], new Assignment([
                    'task_id' => $copies[$task->code]->id, 'person_id' => $assignment->person_id, 'team_id' => $assignment->team_id, 'role_id' => $assignment->role_id, 'planned_minutes' => $assignment->planned_minutes,
                    'starts_on' => self::movedDay($assignment->starts_on, $by), 'ends_on' => self::movedDay($assignment->ends_on, $by),
                ])];
            }
        }
        foreach (array_chunk($own, self::AT_ONCE) as $chunk) {
            Assignment::query()->insert(array_map(static fn (array $one): array => $one[1]->getAttributes(), $chunk));
        }

        return $own;
    }

    private static function moved(?Day $day, int $by): ?string
    {
        return $day === null ? null : self::movedDay($day, $by);
    }

    private static function movedDay(Day $day, int $by): string
    {
        $moved = $day->plusDays($by)->toString();

        return WorkDay::fault($moved) === null ? $moved : throw PlanRefused::because('copied_too_far');
    }

    /** @param  array<int, Task>  $tasks */
    private static function firstDay(Project $source, array $tasks): ?Day
    {
        if ($source->starts_on !== null) {
            return $source->starts_on;
        }
        $days = [];
        foreach ($tasks as $task) {
            $days[] = $task->starts_on;
            foreach ($task->assignments as $assignment) {
                $days[] = $assignment->starts_on;
            }
        }

        return array_reduce(array_filter($days), static fn (?Day $first, Day $day): Day => $first === null ? $day : Day::earlier($first, $day));
    }
}
