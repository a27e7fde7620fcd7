<?php

declare(strict_types=1);

namespace App\Features\Projects\Controllers;

use App\Features\Learning\Props\PastForecastProps;
use App\Features\Learning\Queries\PastForecasts;
use App\Features\Projects\Props\ChangesProps;
use App\Features\Projects\Props\FigureKind;
use App\Features\Projects\Props\ProgressProps;
use App\Features\Projects\Props\ProjectProps;
use App\Features\Projects\Queries\ProjectChanges;
use App\Features\Projects\Queries\ProjectList;
use App\Features\Projects\Queries\ProjectNames;
use App\Features\Projects\Queries\ProjectOnDay;
use App\Features\Projects\Queries\ProjectProgress;
use App\Features\Projects\Queries\ProjectStatus;
use App\Features\Projects\Queries\TraceRequest;
use App\Features\Projects\Requests\ProjectsRequest;
use App\Http\Input\Address;
use App\Models\Person;
use App\Models\Project;
use App\Models\ProjectState;
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

    /** What may be looked at later, progress and changes, comes after the page; failing, it leaves the page as it is. */
    public function show(#[CurrentUser] Person $reader, Project $project, Request $request, ProjectStatus $status, ProjectProgress $progress, ProjectChanges $changes): Response
    {
        Gate::authorize('view', $project);
        $project->load('client:id,name', 'manager:id,name', 'contact');
        $onDay = ProjectOnDay::of($project, $this->today->for($reader));
        $names = ProjectNames::of($project->id);
        $address = Address::of($request);
        $figure = FigureKind::tryFrom($address->text('figure'));
        $asked = $figure === null ? null : new TraceRequest(
            $figure,
            $address->says('phase') ? $address->text('phase') : null,
            $address->textOrNull('task'),
            $address->textOrNull('assignee'),
        );

        return Inertia::render('Project', [
            'project' => static fn (): ProjectProps => $status->of($onDay, $names, $reader, $asked),
            'progress' => Inertia::defer(static fn (): ProgressProps => $progress->of($onDay, $names), rescue: true),
            'past' => $project->state === ProjectState::Open ? Inertia::defer(static fn (): ?PastForecastProps => PastForecasts::of($project), rescue: true) : null,
            'changes' => Inertia::defer(static fn (): ChangesProps => $changes->of($onDay, $reader), rescue: true),
        ]);
    }
}
