<?php

declare(strict_types=1);

namespace App\Features\Calendars\Controllers;

use App\Features\Calendars\Actions\KeepCalendars;
use App\Features\Calendars\Actions\KeepOrganisation;
use App\Features\Calendars\Queries\OrganisationPage;
use App\Features\Calendars\Requests\CalendarRequest;
use App\Features\Calendars\Requests\OrganisationRequest;
use App\Http\Input\Address;
use App\Models\Calendar;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** The organisation's settings and calendars. */
final class OrganisationController
{
    public function show(#[CurrentUser] Person $office, Request $request, OrganisationPage $page, Today $today): Response
    {
        Gate::authorize('keep', Organisation::class);
        $address = Address::of($request);
        $day = $today->for($office);
        $year = $address->number('year') ?? $day->year();

        return Inertia::render('Organisation', ['organisation' => $page->of($address->text('calendar'), max(2000, min(2999, $year)), $day)]);
    }

    public function update(#[CurrentUser] Person $office, OrganisationRequest $request, KeepOrganisation $keep): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $keep->handle($office, $request->string('name')->trim()->toString(), $request->string('currency')->toString(), $request->pattern(), $request->patternFrom(), $request->calendar());

        return back()->with('message', Wording::of('organisation.saved'));
    }

    public function renameCalendar(#[CurrentUser] Person $office, Calendar $calendar, CalendarRequest $request, KeepCalendars $keep): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $keep->rename($office, $calendar, $request->string('code')->toString());

        return redirect()->route('office.organisation', ['calendar' => $calendar->code])->with('message', Wording::of('organisation.calendar_renamed', ['calendar' => $calendar->code]));
    }

    public function removeCalendar(#[CurrentUser] Person $office, Calendar $calendar, KeepCalendars $keep): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        if (! $keep->remove($office, $calendar)) {
            return back()->with('refusal', Wording::of('organisation.calendar_used', ['calendar' => $calendar->code]));
        }

        return redirect()->route('office.organisation')->with('message', Wording::of('organisation.calendar_removed', ['calendar' => $calendar->code]));
    }

    public function mergeCalendar(#[CurrentUser] Person $office, Calendar $calendar, Request $request, KeepCalendars $keep): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $into = Calendar::query()->where('code', Address::of($request)->text('into'))->whereKeyNot($calendar->id)->first();
        if ($into === null) {
            return back()->with('refusal', Wording::of('organisation.merge_into'));
        }
        $keep->merge($office, $calendar, $into);

        return redirect()->route('office.organisation', ['calendar' => $into->code])->with('message', Wording::of('organisation.calendar_merged', ['calendar' => $calendar->code, 'into' => $into->code]));
    }

    public function addCalendar(#[CurrentUser] Person $office, CalendarRequest $request, KeepOrganisation $keep): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $calendar = $keep->addCalendar($office, $request->string('code')->toString());

        return redirect()->route('office.organisation', ['calendar' => $calendar->code])->with('message', Wording::of('organisation.calendar_added', ['calendar' => $calendar->code]));
    }
}
