<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Organisation;
use App\Models\Person;
use App\Models\Project;
use App\Models\WorkRequest;
use Illuminate\Auth\Access\Response;
use Illuminate\Support\Facades\Gate;

/** Who requests work, and who decides on it. */
final class WorkRequestPolicy
{
    /** Everybody, while the office has opened intake; whoever decides at any time. */
    public function create(Person $person): Response
    {
        return $this->decideAny($person)->allowed() || Organisation::query()->sole()->takes_requests ? Response::allow() : Response::deny((string) __('intake.closed'));
    }

    /** Whoever creates projects. */
    public function decideAny(Person $person): Response
    {
        return Gate::forUser($person)->allows('create', Project::class) ? Response::allow() : Response::deny((string) __('intake.not_decider'));
    }

    public function view(Person $person, WorkRequest $request): Response
    {
        return $request->person_id === $person->id || $this->decideAny($person)->allowed() ? Response::allow() : Response::deny((string) __('intake.of_others'));
    }

    public function viewAny(Person $person): Response
    {
        return $this->create($person)->allowed() || WorkRequest::query()->where('person_id', $person->id)->exists() ? Response::allow() : Response::deny((string) __('intake.closed'));
    }
}
