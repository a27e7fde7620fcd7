<?php

declare(strict_types=1);

namespace App\Features\Reported\Controllers;

use App\Features\Reported\Queries\ReportedProjects;
use App\Http\Input\Address;
use App\Models\Person;
use App\Models\Project;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** Projects as they were reported when a period was closed, beside what they are now. */
final class ReportedController
{
    public function show(#[CurrentUser] Person $reader, Request $request, ReportedProjects $projects): Response
    {
        Gate::authorize('viewAny', Project::class);
        $address = Address::of($request);

        return Inertia::render('Reported', ['reported' => $projects->of($reader, $address->number('closing'), $address->page())]);
    }
}
