<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Person;
use Illuminate\Auth\Access\Response;

/** What an hour costs is seen and set by the time office alone. */
final class RatePolicy
{
    public function keep(Person $person): Response
    {
        return $person->isOffice() ? Response::allow() : Response::deny((string) __('refusals.rates'));
    }
}
