<?php

declare(strict_types=1);

namespace App\Api\Queries;

use App\Api\Resources\Plan;
use App\Api\Resources\PlanAssignment;
use App\Api\Resources\PlanTask;
use App\Features\Plan\Props\PlanAssignmentProps;
use App\Features\Plan\Props\PlanTaskProps;
use App\Features\Plan\Queries\PlanView;
use App\Models\Person;
use App\Models\Project;
use App\OwnFields\OwnFieldValues;
use ArrayObject;
use Moss\Core\OwnFields\FieldSubject;

/** The plan of a project as programs read it. */
final readonly class PlanOfProject
{
    public function __construct(private PlanView $plan)
    {
    }

    public function of(Project $project, Person $reader): Plan
    {
        $plan = $this->plan->of($project, $reader, null);
        $held = OwnFieldValues::of(FieldSubject::Task, array_map(static fn (PlanTaskProps $task): int => $task->id, $plan->tasks));

        return new Plan($plan->code, $plan->planned, array_map(static fn (PlanTaskProps $task): PlanTask => new PlanTask(
            $task->id, $task->code, $task->name, $task->phase, $task->own, $task->planned, $task->budget, $task->startsOn, $task->endsOn, $task->chargeCode, $task->doneOn, new ArrayObject($held[$task->id] ?? []),
            array_map(static fn (PlanAssignmentProps $one): PlanAssignment => new PlanAssignment(
                $one->ids, $one->person, $one->person === null ? substr($one->assignee, strlen('team:')) : null, $one->role, $one->planned, $one->startsOn, $one->endsOn, new ArrayObject($one->byDay),
            ), $task->assignments),
        ), $plan->tasks));
    }
}
