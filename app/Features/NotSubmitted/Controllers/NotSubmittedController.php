<?php

declare(strict_types=1);

namespace App\Features\NotSubmitted\Controllers;

use App\Features\NotSubmitted\Actions\Remind;
use App\Features\NotSubmitted\Queries\MissingTimesheets;
use App\Features\NotSubmitted\Requests\ReminderRequest;
use App\Http\Input\Address;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Moss\Core\Calendar\Week;

final readonly class NotSubmittedController
{
    public function __construct(private Today $today)
    {
    }

    public function show(#[CurrentUser] Person $reader, Request $request, MissingTimesheets $weeks): Response
    {
        Gate::authorize('lookAfter', Person::class);
        $today = $this->today->for($reader);
        $week = Address::of($request)->week('week') ?? Week::containing($today)->plusWeeks(-1);

        return Inertia::render('NotSubmitted', ['notSubmitted' => $weeks->of($reader, $week, $today, Address::of($request)->text('search'), Address::of($request)->page())]);
    }

    public function store(#[CurrentUser] Person $reader, ReminderRequest $request, Remind $remind): RedirectResponse
    {
        Gate::authorize('lookAfter', Person::class);
        $count = $remind->handle($reader, $request->week(), $request->string('search')->toString(), $request->people());

        return back()->with('message', Wording::choice('refusals.reminded', $count));
    }
}
