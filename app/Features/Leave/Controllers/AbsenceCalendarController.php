<?php

declare(strict_types=1);

namespace App\Features\Leave\Controllers;

use App\Features\Leave\Queries\AbsenceCalendar;
use App\Http\Input\Address;
use App\Models\LeaveRequest;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** Who is away when. */
final readonly class AbsenceCalendarController
{
    public function __construct(private Today $today)
    {
    }

    public function show(#[CurrentUser] Person $reader, Request $request, AbsenceCalendar $calendar): Response
    {
        Gate::authorize('viewCalendar', LeaveRequest::class);
        $address = Address::of($request);
        $today = $this->today->for($reader);

        return Inertia::render('AbsenceCalendar', ['calendar' => $calendar->of($reader, $address->month('month') ?? $today, $address->text('team'), $address->page(), $today)]);
    }
}
