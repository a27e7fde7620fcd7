<?php

declare(strict_types=1);

namespace App\Features\Appointments\Controllers;

use App\Features\Appointments\Actions\AddCalendar;
use App\Features\Appointments\Actions\CalendarRefused;
use App\Features\Appointments\Actions\LeaveOutAppointment;
use App\Features\Appointments\Actions\PlaceAppointment;
use App\Features\Appointments\Actions\ReadCalendar;
use App\Features\Appointments\Actions\RemoveCalendar;
use App\Features\Appointments\Actions\TakeSeriesIn;
use App\Features\Appointments\Queries\AppointmentsPage;
use App\Features\Appointments\Requests\CalendarRequest;
use App\Features\Appointments\Requests\PlaceRequest;
use App\Models\Appointment;
use App\Models\AppointmentCalendar;
use App\Models\LeftOutSeries;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** The appointments of whoever is signed in, and the calendars that they come from. */
final class AppointmentsController
{
    public function show(#[CurrentUser] Person $person, Request $request, AppointmentsPage $page): Response
    {
        Gate::authorize('recordWeek', $person);
        $feed = $request->session()->get('feed');

        return Inertia::render('Appointments', ['appointments' => $page->of($person, is_string($feed) ? $feed : null)]);
    }

    public function store(#[CurrentUser] Person $person, CalendarRequest $request, AddCalendar $add): RedirectResponse
    {
        Gate::authorize('recordWeek', $person);
        try {
            if ($request->filled('address')) {
                $calendar = $add->address($person, $request->name(), trim($request->string('address')->toString()), $request->boolean('notesTitles'));

                return $calendar->failure === ''
                    ? back()->with('message', Wording::of('appointments.added', ['name' => $calendar->name]))
                    : back()->with('refusal', Wording::of('appointments.failure.'.$calendar->failure));
            }

            return back()->with('message', Wording::choice('appointments.read', $add->file($person, $request->name(), $request->string('calendar')->toString(), $request->boolean('notesTitles'))));
        } catch (CalendarRefused $refused) {
            throw ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        }
    }

    public function read(AppointmentCalendar $appointmentCalendar, ReadCalendar $read): RedirectResponse
    {
        Gate::authorize('change', $appointmentCalendar);
        $read->handle($appointmentCalendar->load('person'));

        return $appointmentCalendar->failure === '' ? back()->with('message', Wording::of('appointments.refreshed')) : back()->with('refusal', Wording::of('appointments.failure.'.$appointmentCalendar->failure));
    }

    public function destroy(AppointmentCalendar $appointmentCalendar, RemoveCalendar $remove): RedirectResponse
    {
        Gate::authorize('change', $appointmentCalendar);
        $remove->handle($appointmentCalendar);

        return back()->with('message', Wording::of('appointments.removed', ['name' => $appointmentCalendar->name]));
    }

    public function place(#[CurrentUser] Person $person, Appointment $appointment, PlaceRequest $request, PlaceAppointment $place): RedirectResponse
    {
        Gate::authorize('place', $appointment);
        try {
            $place->handle($person, $appointment, $request->task(), $request->role());
        } catch (CalendarRefused $refused) {
            throw ValidationException::withMessages([$refused->field => $refused->getMessage()]);
        }

        return back()->with('message', Wording::of('appointments.placed'));
    }

    public function leaveOut(#[CurrentUser] Person $person, Appointment $appointment, Request $request, LeaveOutAppointment $leaveOut): RedirectResponse
    {
        Gate::authorize('place', $appointment);
        $leaveOut->handle($person, $appointment, $request->boolean('forGood'));

        return back()->with('message', Wording::of($request->boolean('forGood') ? 'appointments.left_out_for_good' : 'appointments.left_out'));
    }

    public function takeIn(#[CurrentUser] Person $person, LeftOutSeries $series, TakeSeriesIn $takeIn): RedirectResponse
    {
        Gate::authorize('change', $series);
        $takeIn->handle($person, $series);

        return back()->with('message', Wording::of('appointments.taken_in'));
    }
}
