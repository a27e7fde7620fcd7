<?php

declare(strict_types=1);

namespace App\Api\Controllers;

use App\Api\Input\ProjectRequest;
use App\Api\Input\ProjectsRequest;
use App\Api\OpenApi\Describes;
use App\Api\Queries\ProjectPages;
use App\Api\Resources\Project as ProjectResource;
use App\Api\Resources\ProjectList;
use App\Api\Resources\ProjectStatus;
use App\Features\Plan\Actions\PlanRefused;
use App\Features\Plan\Actions\SaveProject;
use App\Models\Person;
use App\Models\Project;
use App\Support\Clock\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** Projects, and how they stand. */
final readonly class ProjectsController
{
    public function __construct(private SaveProject $save, private Today $today)
    {
    }

    #[Describes('Projects that you may see, by their codes: those you manage, or all for the time office and viewers.', ProjectList::class)]
    public function index(#[CurrentUser] Person $reader, ProjectsRequest $request): JsonResponse
    {
        Gate::authorize('viewAny', Project::class);

        return new JsonResponse(ProjectPages::of($reader, $request));
    }

    #[Describes('One project.', ProjectResource::class)]
    public function show(Project $project): JsonResponse
    {
        Gate::authorize('view', $project);

        return new JsonResponse(ProjectPages::one($project));
    }

    #[Describes('How a project and its tasks stand today: planned, actual, remaining and forecast.', ProjectStatus::class)]
    public function status(#[CurrentUser] Person $reader, Project $project): JsonResponse
    {
        Gate::authorize('view', $project);

        return new JsonResponse(ProjectPages::status($project, $this->today->for($reader)));
    }

    /** @throws ValidationException */
    #[Describes('Create a project.', ProjectResource::class)]
    public function store(#[CurrentUser] Person $actor, ProjectRequest $request): JsonResponse
    {
        Gate::authorize('create', Project::class);
        try {
            $project = $this->save->create($actor, $request->code(), $request->settings(), $request->string('hours')->toString());
        } catch (PlanRefused $refused) {
            throw ValidationException::withMessages(['code' => $refused->getMessage()]);
        }

        return new JsonResponse(ProjectPages::one($project->refresh()));
    }

    #[Describes('Change what a project is: all of it, as it was read.', ProjectResource::class, problems: [412, 428])]
    public function update(#[CurrentUser] Person $actor, Project $project, ProjectRequest $request): JsonResponse
    {
        Gate::authorize('plan', $project);
        DB::transaction(function () use ($actor, $project, $request): void {
            SeenVersion::mustBe($request, ProjectPages::one($project));
            $this->save->change($actor, $project, $request->settings());
        });

        return new JsonResponse(ProjectPages::one($project->refresh()));
    }
}
