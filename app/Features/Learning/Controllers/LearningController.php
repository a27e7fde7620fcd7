<?php

declare(strict_types=1);

namespace App\Features\Learning\Controllers;

use App\Features\Learning\Queries\PastGrouping;
use App\Features\Learning\Queries\PastGroups;
use App\Features\Learning\Queries\PastPlans;
use App\Http\Input\Address;
use App\Models\Person;
use App\Models\Project;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\Time\Minutes;

/** What finished tasks came to against their first plans. */
final class LearningController
{
    public function show(#[CurrentUser] Person $reader, Request $request): Response
    {
        Gate::authorize('viewLoads', $reader);

        return Inertia::render('Learning', ['past' => PastGroups::of($reader, PastGrouping::tryFrom(Address::of($request)->text('by')) ?? PastGrouping::Word, Address::of($request)->textOrNull('group'))]);
    }

    /** For a task that is being planned. */
    public function plan(Project $project, Request $request): JsonResponse
    {
        Gate::authorize('plan', $project);

        return response()->json(['past' => PastPlans::of(Address::of($request)->text('name'), Minutes::of(Address::of($request)->number('minutes') ?? 0))]);
    }
}
