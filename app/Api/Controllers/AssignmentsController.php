<?php

declare(strict_types=1);

namespace App\Api\Controllers;

use App\Api\Input\AssignmentsRequest;
use App\Api\OpenApi\Describes;
use App\Api\Queries\AssignmentPages;
use App\Api\Resources\AssignmentList;
use App\Models\Person;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;

final class AssignmentsController
{
    #[Describes('Work that is planned for you or your team, by its last day.', AssignmentList::class)]
    public function index(#[CurrentUser] Person $person, AssignmentsRequest $request): JsonResponse
    {
        Gate::authorize('recordWeek', $person);

        return new JsonResponse(AssignmentPages::of($person, $request));
    }
}
