<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use Illuminate\Auth\Access\Response;

/** What only the time office does. */
final class OrganisationPolicy
{
    /** House rules, questions, routes, periods and the audit trail. */
    public function keep(Person $person): Response
    {
        return $person->isOffice() ? Response::allow() : Response::deny((string) __('refusals.office'));
    }
}
