<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Models\Person;
use Closure;
use Illuminate\Database\Query\Builder;

/** Which assignments are a person's: their own, and their team's. */
final class AssignmentsOf
{
    /** @return Closure(Builder): Builder a condition on assignments */
    public static function person(Person $person): Closure
    {
        return static fn (Builder $assignee): Builder => $assignee->where('assignments.person_id', $person->id)
            ->when($person->team_id !== null, static fn (Builder $team): Builder => $team->orWhere('assignments.team_id', $person->team_id));
    }
}
