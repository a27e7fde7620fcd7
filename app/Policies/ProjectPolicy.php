<?php

declare(strict_types=1);

namespace App\Policies;

use App\Approval\Waiting;
use App\Models\Access;
use App\Models\Person;
use App\Models\Project;
use App\Support\Clock\Today;
use Illuminate\Auth\Access\Response;

final readonly class ProjectPolicy
{
    public function __construct(private Waiting $waiting, private Today $today)
    {
    }

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

    /** Planning it, and declaring its tasks done. */
    public function plan(Person $person, Project $project): Response
    {
        return $person->isOffice() || ($project->manager_id === $person->id && ! $person->isViewer())
            ? Response::allow()
            : Response::deny((string) __('refusals.plan'));
    }

    public function create(Person $person): Response
    {
        return $person->isOffice() || $person->access === Access::Manager ? Response::allow() : Response::deny((string) __('refusals.create_project'));
    }

    /** Accepting and declining remaining estimates. */
    public function decideRemaining(Person $person, Project $project): Response
    {
        if ($this->plan($person, $project)->allowed()) {
            return Response::allow();
        }
        foreach ($this->waiting->stoodInFor($person, $this->today->for($person)) as $turn) {
            if ($turn->approver === $project->manager_id && ($turn->project === null || $turn->project === $project->id)) {
                return Response::allow();
            }
        }

        return Response::deny((string) __('refusals.plan'));
    }

    /** A budget as planned, which gives away what nobody costs. */
    public function viewBudget(Person $person, Project $project): Response
    {
        return $person->isOffice() || $project->manager_id === $person->id ? Response::allow() : Response::deny((string) __('refusals.money'));
    }

    /** What hours cost, and how much of a budget that is. */
    public function viewMoney(Person $person, Project $project): Response
    {
        return $person->seesCostOfProjectsOf($project->manager_id) ? Response::allow() : Response::deny((string) __('refusals.money'));
    }
}
