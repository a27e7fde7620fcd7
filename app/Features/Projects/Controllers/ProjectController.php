<?php

declare(strict_types=1);

namespace App\Features\Projects\Controllers;

use App\Features\Projects\Props\ChangesProps;
use App\Features\Projects\Props\CourseProps;
use App\Features\Projects\Props\Figure;
use App\Features\Projects\Props\ProjectProps;
use App\Features\Projects\Queries\ProjectChanges;
use App\Features\Projects\Queries\ProjectCourse;
use App\Features\Projects\Queries\ProjectList;
use App\Features\Projects\Queries\ProjectNames;
use App\Features\Projects\Queries\ProjectStatus;
use App\Features\Projects\Queries\Standing;
use App\Features\Projects\Queries\TraceRequest;
use App\Features\Projects\Requests\ProjectsRequest;
use App\Models\Person;
use App\Models\Project;
use App\Support\Clock\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

final readonly class ProjectController
{
    public function __construct(private Today $today)
    {
    }

    public function index(#[CurrentUser] Person $reader, ProjectsRequest $request, ProjectList $list): Response
    {
        Gate::authorize('viewAny', Project::class);

        return Inertia::render('Projects', ['list' => $list->for($reader, $request->filter(), $this->today->for($reader))]);
    }

    /** What may be looked at later, course and changes, comes after the page; failing, it leaves the page as it is. */
    public function show(#[CurrentUser] Person $reader, Project $project, Request $request, ProjectStatus $status, ProjectCourse $course, ProjectChanges $changes): Response
    {
        Gate::authorize('view', $project);
        $project->load('client:id,name', 'manager:id,name');
        $standing = Standing::of($project, $this->today->for($reader));
        $names = ProjectNames::of($project->id);
        $figure = Figure::tryFrom($request->string('figure')->toString());
        $asked = $figure === null ? null : new TraceRequest(
            $figure,
            $request->has('phase') ? $request->string('phase')->toString() : null,
            self::filled($request, 'task'),
            self::filled($request, 'holder'),
        );

        return Inertia::render('Project', [
            'project' => static fn (): ProjectProps => $status->of($standing, $names, $reader, $asked),
            'course' => Inertia::defer(static fn (): CourseProps => $course->of($standing, $names), rescue: true),
            'changes' => Inertia::defer(static fn (): ChangesProps => $changes->of($standing, $reader), rescue: true),
        ]);
    }

    private static function filled(Request $request, string $name): ?string
    {
        return $request->filled($name) ? $request->string($name)->toString() : null;
    }
}
