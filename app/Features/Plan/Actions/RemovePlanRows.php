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
     * @param  list<int>  $assignments
     *
     * @throws PlanRefused
     */
    public function handle(Person $actor, Project $project, ?int $task, array $assignments): void
    {
        DB::transaction(function () use ($actor, $project, $task, $assignments): void {
            if ($task !== null) {
                $this->removeTask($actor, $project, $project->tasks()->find($task) ?? throw PlanRefused::because('gone'));
            }
            foreach (Assignment::query()->with('task', 'person', 'team')->whereIntegerInRaw('id', $assignments)->whereRelation('task', 'project_id', $project->id)->get() as $assignment) {
                $this->removeAssignment($actor, $project, $assignment);
            }
            $this->totals->handle($this->auditTrail->write()->taskRemoved($project->id));
        });
    }

    private function removeTask(Person $actor, Project $project, Task $task): void
    {
        foreach (['entries', 'remaining_estimates', 'proposed_estimates', 'corrections', 'audit_trail', 'findings', 'finding_explanations', 'stretches', 'timers'] as $table) {
            if (DB::table($table)->where('task_id', $task->id)->exists()) {
                throw PlanRefused::because('recorded_on', ['task' => $task->name]);
            }
        }
        foreach ($task->assignments()->get() as $assignment) {
            $this->auditTrail->assignment($actor, $project, $task, $assignment, 'remove', PlanAuditTrail::told($assignment), null);
        }
        $task->assignments()->delete();
        SheetChoice::query()->where('task_id', $task->id)->delete();
        $this->auditTrail->task($actor, $project, $task, 'remove', PlanAuditTrail::told($task), null);
        $task->delete();
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
