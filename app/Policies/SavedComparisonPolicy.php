<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use App\Models\SavedComparison;
use Illuminate\Auth\Access\Response;

/** Whoever may compare reads what is shared with them; whose it is, and the time office, change it. */
final class SavedComparisonPolicy
{
    public function view(Person $person, SavedComparison $saved): Response
    {
        return SavedComparison::query()->whereKey($saved->id)->readableBy($person)->exists() ? Response::allow() : Response::deny((string) __('refusals.saved_comparison'));
    }

    public function change(Person $person, SavedComparison $saved): Response
    {
        return $saved->owner_id === $person->id || ($person->isOffice() && $this->view($person, $saved)->allowed())
            ? Response::allow()
            : Response::deny((string) __('refusals.saved_comparison_change'));
    }
}
