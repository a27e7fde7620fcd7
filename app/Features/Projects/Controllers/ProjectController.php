<?php

declare(strict_types=1);

namespace App\Features\Projects\Controllers;

use App\Features\Projects\Props\Figure;
use App\Features\Projects\Queries\ProjectList;
use App\Features\Projects\Queries\ProjectStatus;
use App\Features\Projects\Queries\TraceRequest;
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

    public function index(#[CurrentUser] Person $reader, ProjectList $list): Response
    {
        Gate::authorize('viewAny', Project::class);

        return Inertia::render('Projects', ['list' => $list->for($reader, $this->today->for($reader))]);
    }

    public function show(#[CurrentUser] Person $reader, Project $project, Request $request, ProjectStatus $status): Response
    {
        Gate::authorize('view', $project);
        $project->load('client:id,name', 'manager:id,name');
        $figure = Figure::tryFrom($request->string('figure')->toString());
        $asked = $figure === null ? null : new TraceRequest($figure, self::filled($request, 'task'), self::filled($request, 'holder'));

        return Inertia::render('Project', ['project' => $status->of($project, $reader, $this->today->for($reader), $asked)]);
    }

    private static function filled(Request $request, string $name): ?string
    {
        return $request->filled($name) ? $request->string($name)->toString() : null;
    }
}
