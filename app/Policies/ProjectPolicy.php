<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Access;
use App\Models\Person;
use App\Models\Project;
use Illuminate\Auth\Access\Response;

final class ProjectPolicy
{
    public function viewAny(Person $person): Response
    {
        return $person->access === Access::Member ? Response::deny((string) __('refusals.projects')) : Response::allow();
    }

    public function view(Person $person, Project $project): Response
    {
        return $person->isOffice() || $person->isViewer() || $project->manager_id === $person->id
            ? Response::allow()
            : Response::deny((string) __('refusals.project'));
    }

    /** Costs and budgets. */
    public function viewMoney(Person $person, Project $project): Response
    {
        return $person->isOffice() || $project->manager_id === $person->id
            ? Response::allow()
            : Response::deny((string) __('refusals.money'));
    }
}
