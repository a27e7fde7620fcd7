<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\Effort\Recalculation\UpdateTotals;
use App\Features\Plan\Queries\AssignmentInUse;
use App\Models\Assignment;
use App\Models\Person;
use App\Models\Project;
use App\Models\SheetChoice;
use App\Models\Task;
use Illuminate\Support\Facades\DB;

/** Removes rows from a plan, unless they have recorded time or an estimate. */
final class RemovePlanRows
{
    public function __construct(private readonly PlanAuditTrail $auditTrail, private readonly UpdateTotals $totals)
    {
    }

    /**
     * @param  list<int>  $tasks  with everybody on them
     * @param  list<int>  $assignments
     *
     * @throws PlanRefused
     */
    public function handle(Person $actor, Project $project, array $tasks, array $assignments): void
    {
        DB::transaction(function () use ($actor, $project, $tasks, $assignments): void {
            $this->removeTasks($actor, $project, $tasks);
            foreach (Assignment::query()->with('task', 'person', 'team')->whereIntegerInRaw('id', $assignments)->whereRelation('task', 'project_id', $project->id)->get() as $assignment) {
                $this->removeAssignment($actor, $project, $assignment);
            }
            $this->totals->handle($this->auditTrail->write()->taskRemoved($project->id));
        });
    }

    /**
     * @param  list<int>  $ids
     *
     * @throws PlanRefused
     */
    private function removeTasks(Person $actor, Project $project, array $ids): void
    {
        if ($ids === []) {
            return;
        }
        $tasks = $project->tasks()->with('assignments')->whereIntegerInRaw('id', $ids)->get()->keyBy('id');
        if ($tasks->count() !== count($ids)) {
            throw PlanRefused::because('gone');
        }
        foreach (['entries', 'remaining_estimates', 'proposed_estimates', 'corrections', 'audit_trail', 'findings', 'finding_explanations', 'stretches', 'timers'] as $table) {
            $recorded = DB::table($table)->whereIntegerInRaw('task_id', $ids)->value('task_id');
            if ($recorded !== null) {
                throw PlanRefused::because('recorded_on', ['task' => $tasks->get(is_int($recorded) ? $recorded : 0)->name ?? '']);
            }
        }
        foreach ($tasks as $task) {
            foreach ($task->assignments as $assignment) {
                $this->auditTrail->assignment($actor, $project, $task, $assignment, 'remove', PlanAuditTrail::told($assignment), null);
            }
            $this->auditTrail->task($actor, $project, $task, 'remove', PlanAuditTrail::told($task), null);
        }
        Assignment::query()->whereIntegerInRaw('task_id', $ids)->delete();
        SheetChoice::query()->whereIntegerInRaw('task_id', $ids)->delete();
        Task::query()->whereIntegerInRaw('id', $ids)->delete();
    }

    private function removeAssignment(Person $actor, Project $project, Assignment $assignment): void
    {
        if (AssignmentInUse::by($assignment, $assignment->person_id, $assignment->team_id)) {
            throw PlanRefused::because('assignee_recorded', ['name' => $assignment->person->name ?? $assignment->team->name ?? '', 'task' => $assignment->task->name]);
        }
        $this->auditTrail->assignment($actor, $project, $assignment->task, $assignment, 'remove', PlanAuditTrail::told($assignment), null);
        $assignment->delete();
    }
}
