<?php

declare(strict_types=1);

namespace App\Features\Office\Controllers;

use App\Features\Office\Actions\SetRoute;
use App\Features\Office\Queries\Routes;
use App\Features\Office\Requests\RouteRequest;
use App\Http\Input\Address;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\Project;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\Review\RouteKind;

final class RoutesController
{
    public function show(Request $request, Routes $routes): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('Routes', ['routes' => $routes->of(Address::of($request)->text('search'), Address::of($request)->page())]);
    }

    public function update(#[CurrentUser] Person $office, RouteRequest $request, SetRoute $set): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $set->ofOrganisation($office, $request->kind() ?? RouteKind::Project, $request->boolean('selfApprove'));

        return back()->with('message', Wording::refusal('route.set'));
    }

    public function ofProject(#[CurrentUser] Person $office, Project $project, RouteRequest $request, SetRoute $set): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $set->ofProject($office, $project, $request->kind());

        return back()->with('message', Wording::refusal('route.set_of', ['project' => $project->name]));
    }
}
