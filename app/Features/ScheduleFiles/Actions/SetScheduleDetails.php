<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Actions;

use App\Features\Plan\Actions\PlanAuditTrail;
use App\Features\Plan\Actions\PlanRefused;
use App\Models\Person;
use App\Models\Project;
use App\Models\Task;
use App\Models\TaskDependency;
use App\Models\TaskSchedule;
use App\Support\Language\Wording;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Moss\Core\Schedule\ScheduleDifference;
use Moss\Core\Schedule\ScheduledTask;

/** Sets what scheduling programs say of tasks besides their days and hours: numbers in the work breakdown, milestones, and what they wait for. */
final readonly class SetScheduleDetails
{
    private const AT_ONCE = 200;

    public function __construct(private PlanAuditTrail $auditTrail)
    {
    }

    /**
     * @param  list<ScheduleDifference>  $differences  of tasks
     * @param  array<array-key, ScheduledTask>  $file  by code
     * @param  Collection<array-key, Task>  $tasks  by code, all that the plan has
     *
     * @throws PlanRefused
     */
    public function handle(Person $actor, Project $project, array $differences, array $file, Collection $tasks): void
    {
        DB::transaction(function () use ($actor, $project, $differences, $file, $tasks): void {
            $this->details($actor, $project, $differences, $file, $tasks);
            $this->dependencies($actor, $project, $differences, $file, $tasks);
            $this->auditTrail->write();
        });
    }

    /**
     * @param  list<ScheduleDifference>  $differences
     * @param  array<array-key, ScheduledTask>  $file
     * @param  Collection<array-key, Task>  $tasks
     */
    private function details(Person $actor, Project $project, array $differences, array $file, Collection $tasks): void
    {
        $changed = array_filter($differences, static fn (ScheduleDifference $one): bool => isset($one->changes['wbs']) || isset($one->changes['milestone']));
        $known = TaskSchedule::query()->whereIntegerInRaw('task_id', array_map(static fn (ScheduleDifference $one): int => $tasks->get($one->task)->id ?? 0, $changed))->get()->keyBy('task_id');
        $rows = [];
        foreach ($changed as $one) {
            $task = $tasks->get($one->task) ?? throw PlanRefused::because('gone');
            [$wbs, $isMilestone] = [$known->get($task->id)->wbs ?? '', $known->get($task->id)->is_milestone ?? false];
            $row = ['task_id' => $task->id, 'wbs' => isset($one->changes['wbs']) ? $file[$one->task]->wbs : $wbs, 'is_milestone' => $file[$one->task]->isMilestone ?? $isMilestone];
            $this->auditTrail->task($actor, $project, $task, 'change', ['wbs' => $wbs, 'milestone' => $isMilestone ? 'yes' : 'no'], ['wbs' => $row['wbs'], 'milestone' => $row['is_milestone'] ? 'yes' : 'no']);
            $rows[] = $row;
        }
        foreach (array_chunk($rows, self::AT_ONCE) as $part) {
            TaskSchedule::query()->upsert($part, ['task_id'], ['wbs', 'is_milestone']);
        }
    }

    /**
     * @param  list<ScheduleDifference>  $differences
     * @param  array<array-key, ScheduledTask>  $file
     * @param  Collection<array-key, Task>  $tasks
     *
     * @throws PlanRefused
     */
    private function dependencies(Person $actor, Project $project, array $differences, array $file, Collection $tasks): void
    {
        [$changed, $rows] = [[], []];
        foreach ($differences as $one) {
            if (! isset($one->changes['after'])) {
                continue;
            }
            $task = $tasks->get($one->task) ?? throw PlanRefused::because('gone');
            $changed[] = $task->id;
            foreach ($file[$one->task]->after ?? [] as $dependency) {
                $predecessor = $tasks->get($dependency->task) ?? throw PlanRefused::with(['' => Wording::of('schedule.no_predecessor', ['task' => $task->name, 'predecessor' => $dependency->task])]);
                $rows[$task->id.' '.$predecessor->id] = ['task_id' => $task->id, 'predecessor_id' => $predecessor->id, 'kind' => $dependency->kind->value, 'lag' => $dependency->lag];
            }
            $this->auditTrail->task($actor, $project, $task, 'change', ['after' => $one->changes['after'][0]], ['after' => $one->changes['after'][1]]);
        }
        TaskDependency::query()->whereIntegerInRaw('task_id', $changed)->delete();
        foreach (array_chunk(array_values($rows), self::AT_ONCE) as $part) {
            TaskDependency::query()->insert($part);
        }
    }
}
