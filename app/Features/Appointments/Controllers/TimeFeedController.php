<?php

declare(strict_types=1);

namespace App\Features\Appointments\Controllers;

use App\Features\Appointments\Actions\ChangeTimeFeed;
use App\Features\Appointments\Queries\RecordedTimeEvents;
use App\Models\Person;
use App\Models\TimeFeed;
use App\Support\Clock\Today;
use App\Support\Files\Calendar\TimedCalendarFile;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A person's recorded time as a calendar, for whoever knows its private address. */
final class TimeFeedController
{
    public function show(string $token, RecordedTimeEvents $events, Today $today): Response
    {
        $person = TimeFeed::query()->with('person')->where('token_hash', hash('sha256', $token))->first()?->person;
        if ($person === null || ! $person->hasAccess($today->for($person))) {
            throw new NotFoundHttpException(Wording::of('appointments.no_feed'));
        }

        return response(TimedCalendarFile::write(Wording::of('appointments.feed_name', ['name' => $person->name]), $events->of($person), $today->now()), 200, [
            'Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'private, no-store', 'X-Robots-Tag' => 'noindex',
        ]);
    }

    public function store(#[CurrentUser] Person $person, ChangeTimeFeed $change): RedirectResponse
    {
        Gate::authorize('recordWeek', $person);

        return back()->with('feed', route('time-feed', ['token' => $change->make($person)]))->with('message', Wording::of('appointments.feed_made'));
    }

    public function destroy(#[CurrentUser] Person $person, ChangeTimeFeed $change): RedirectResponse
    {
        Gate::authorize('recordWeek', $person);
        $change->remove($person);

        return back()->with('message', Wording::of('appointments.feed_removed'));
    }
}
