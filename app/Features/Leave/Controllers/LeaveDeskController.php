<?php

declare(strict_types=1);

namespace App\Features\Leave\Controllers;

use App\Approval\LeaveDeciders;
use App\Features\Leave\Actions\DecideLeave;
use App\Features\Leave\Actions\LeaveNotPossible;
use App\Features\Leave\Queries\LeaveDesk;
use App\Features\Leave\Requests\LeaveDecisionRequest;
use App\Models\LeaveRequest;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** Requests for leave that wait for the reader. */
final readonly class LeaveDeskController
{
    public function __construct(private Today $today)
    {
    }

    public function show(#[CurrentUser] Person $reader, LeaveDesk $desk): Response
    {
        Gate::authorize('viewCalendar', LeaveRequest::class);

        $today = $this->today->for($reader);

        return Inertia::render('LeaveRequests', ['waiting' => $desk->waiting($reader, $today), 'count' => LeaveDeciders::waiting($reader, $today)->count()]);
    }

    public function store(#[CurrentUser] Person $reader, LeaveRequest $leave, LeaveDecisionRequest $request, DecideLeave $decide): RedirectResponse
    {
        Gate::authorize('decide', $leave);
        try {
            $decide->handle($reader, $leave, $request->boolean('approved'), $request->string('comment')->trim()->toString());
        } catch (LeaveNotPossible $refused) {
            return back()->with('refusal', $refused->getMessage());
        }

        return back()->with('message', Wording::of($request->boolean('approved') ? 'leave.was_approved' : 'leave.was_declined', ['name' => $leave->person->name]));
    }
}
