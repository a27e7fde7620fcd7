<?php

declare(strict_types=1);

namespace App\Api\Controllers;

use App\Api\Input\PlanChangesRequest;
use App\Api\Input\PlanLinesRequest;
use App\Api\Input\PlanRemovalRequest;
use App\Api\OpenApi\Describes;
use App\Api\Queries\PlanOfProject;
use App\Api\Resources\Plan;
use App\Features\Plan\Actions\AddPlanLines;
use App\Features\Plan\Actions\ChangePlan;
use App\Features\Plan\Actions\PlanRefused;
use App\Features\Plan\Actions\RemovePlanRows;
use App\Models\Person;
use App\Models\Project;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** The plan of a project, changed as its table is. */
final readonly class PlansController
{
    public function __construct(private PlanOfProject $plan)
    {
    }

    #[Describes('The plan of a project.', Plan::class)]
    public function show(#[CurrentUser] Person $reader, Project $project): JsonResponse
    {
        Gate::authorize('view', $project);

        return new JsonResponse($this->plan->of($project, $reader));
    }

    #[Describes('Add tasks and assignments: all of them, or nothing.', Plan::class)]
    public function store(#[CurrentUser] Person $actor, Project $project, PlanLinesRequest $request, AddPlanLines $add): JsonResponse
    {
        return $this->changed($actor, $project, 'lines.', static fn (): int => $add->handle($actor, $project, $request->lines()));
    }

    #[Describes('Change tasks and assignments: all that is asked for, or nothing.', Plan::class)]
    public function update(#[CurrentUser] Person $actor, Project $project, PlanChangesRequest $request, ChangePlan $change): JsonResponse
    {
        return $this->changed($actor, $project, 'changes.', static fn () => $change->handle($actor, $project, $request->changes()));
    }

    #[Describes('Remove a task, or assignments, on which nothing is recorded or estimated.', Plan::class)]
    public function remove(#[CurrentUser] Person $actor, Project $project, PlanRemovalRequest $request, RemovePlanRows $remove): JsonResponse
    {
        return $this->changed($actor, $project, '', static fn () => $remove->handle($actor, $project, $request->tasks(), $request->assignments()));
    }

    /**
     * @param  callable(): mixed  $act
     *
     * @throws ValidationException
     */
    private function changed(Person $actor, Project $project, string $place, callable $act): JsonResponse
    {
        Gate::authorize('plan', $project);
        try {
            $act();
        } catch (PlanRefused $refused) {
            throw ValidationException::withMessages(array_combine(array_map(static fn (string $fault): string => $fault === '' ? 'plan' : $place.$fault, array_keys($refused->faults)), $refused->faults));
        }

        return new JsonResponse($this->plan->of($project->refresh(), $actor));
    }
}
