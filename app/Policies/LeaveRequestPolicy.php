<?php

declare(strict_types=1);

namespace App\Policies;

use App\Approval\LeaveDeciders;
use App\Models\LeaveRequest;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Auth\Access\Response;

/** Who sees, changes and decides on leave. */
final readonly class LeaveRequestPolicy
{
    public function __construct(private Today $today)
    {
    }

    /** A person's leave is theirs, and that of whoever decides on it. */
    public function viewOf(Person $person, Person $owner): Response
    {
        return match (true) {
            $person->isViewer(), $owner->isViewer() => Response::deny((string) __('refusals.viewer')),
            $person->id === $owner->id, $this->decides($person, $owner) => Response::allow(),
            default => Response::deny((string) __('leave.of_others')),
        };
    }

    /** Whoever sees it also asks for it, in the person's name, changes it and takes it back. */
    public function change(Person $person, LeaveRequest $request): Response
    {
        return $this->viewOf($person, $request->person);
    }

    public function decide(Person $person, LeaveRequest $request): Response
    {
        return $this->decides($person, $request->person) ? Response::allow() : Response::deny((string) __('leave.not_decider'));
    }

    /** Who is away when; not for viewers, who read projects only. */
    public function viewCalendar(Person $person): Response
    {
        return $person->isViewer() ? Response::deny((string) __('refusals.viewer')) : Response::allow();
    }

    private function decides(Person $person, Person $owner): bool
    {
        return LeaveDeciders::includes($person, $owner, $this->today->for($person));
    }
}
