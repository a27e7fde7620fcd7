<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use Illuminate\Auth\Access\Response;

/** Whose week somebody may see or write in. */
final class PersonPolicy
{
    public function viewWeek(Person $person, Person $owner): Response
    {
        return $person->id === $owner->id || $person->isOffice() || $person->isViewer() || $owner->manager_id === $person->id
            ? Response::allow()
            : Response::deny((string) __('refusals.week'));
    }

    public function recordWeek(Person $person, Person $owner): Response
    {
        if ($person->isViewer()) {
            return Response::deny((string) __('refusals.viewer'));
        }

        return $person->id === $owner->id ? Response::allow() : Response::deny((string) __('refusals.record'));
    }

    public function changePreferences(Person $person, Person $owner): Response
    {
        return $person->id === $owner->id ? Response::allow() : Response::deny((string) __('refusals.record'));
    }

    /** What waits for a person is theirs to see and decide; nothing ever waits for a viewer. */
    public function review(Person $person): Response
    {
        return $person->isViewer() ? Response::deny((string) __('refusals.viewer')) : Response::allow();
    }
}
