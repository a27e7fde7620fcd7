<?php

declare(strict_types=1);

namespace App\Features\Plan\Controllers;

use App\Features\Plan\Actions\CopyPlan;
use App\Features\Plan\Actions\PlanRefused;
use App\Features\Plan\Actions\SaveProject;
use App\Features\Plan\Props\NewProjectProps;
use App\Features\Plan\Requests\ProjectRequest;
use App\Http\Input\Address;
use App\Lookup\Props\OptionProps;
use App\Models\Person;
use App\Models\Project;
use App\OwnFields\OwnFieldList;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\OwnFields\FieldSubject;

/** A new project, from a short intake or another's plan; and what a project is. */
final readonly class ProjectSettingsController
{
    public function create(#[CurrentUser] Person $actor, Request $request, Today $today): Response
    {
        Gate::authorize('create', Project::class);
        $from = Address::of($request)->textOrNull('from');
        $source = $from === null ? null : Project::query()->where('code', $from)->firstOrFail();
        if ($source !== null) {
            Gate::authorize('view', $source);
        }

        return Inertia::render('NewProject', ['start' => new NewProjectProps(
            new OptionProps($actor->code, $actor->name),
            $today->for($actor)->toString(),
            $source === null ? null : new OptionProps($source->code, $source->name),
            OwnFieldList::of(FieldSubject::Project)->asked($today->for($actor), null, null)->props(),
        )]);
    }

    public function store(#[CurrentUser] Person $actor, ProjectRequest $request, SaveProject $save): RedirectResponse
    {
        Gate::authorize('create', Project::class);
        try {
            $project = $save->create($actor, $request->code(), $request->settings(), $request->string('hours')->toString());
        } catch (PlanRefused $refused) {
            return back()->withErrors(['code' => $refused->getMessage()]);
        }

        return redirect()->route('project.plan', ['project' => $project->code])->with('message', Wording::refusal('plan_row.created', ['project' => $project->name]));
    }

    public function copy(#[CurrentUser] Person $actor, Project $project, ProjectRequest $request, CopyPlan $copy): RedirectResponse
    {
        Gate::authorize('create', Project::class);
        Gate::authorize('view', $project);
        try {
            $new = $copy->handle($actor, $project, $request->code(), $request->settings(), $request->boolean('withPeople', true));
        } catch (PlanRefused $refused) {
            return back()->withErrors(['code' => $refused->getMessage()]);
        }

        return redirect()->route('project.plan', ['project' => $new->code])->with('message', Wording::refusal('plan_row.copied', ['project' => $new->name]));
    }

    public function update(#[CurrentUser] Person $actor, Project $project, ProjectRequest $request, SaveProject $save): RedirectResponse
    {
        Gate::authorize('plan', $project);
        $save->change($actor, $project, $request->settings());

        return redirect()->route('project.plan', ['project' => $project->code])->with('message', Wording::refusal('plan_row.saved', ['project' => $project->name]));
    }
}
