<?php

declare(strict_types=1);

namespace App\Features\Calendars\Controllers;

use App\Features\Calendars\Actions\KeepHolidays;
use App\Features\Calendars\Requests\CopiedYearRequest;
use App\Features\Calendars\Requests\CountryRequest;
use App\Features\Calendars\Requests\HolidayRequest;
use App\Models\Calendar;
use App\Models\Holiday;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Files\Calendar\CalendarFile;
use App\Support\Files\Calendar\CalendarFileUnreadable;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;

/** Public holidays of a calendar. */
final class HolidaysController
{
    public function update(#[CurrentUser] Person $office, Calendar $calendar, HolidayRequest $request, KeepHolidays $keep): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $keep->set($office, $calendar, $request->day(), $request->string('name')->trim()->toString(), $request->string('part')->toString());

        return back()->with('message', Wording::of('organisation.holiday_saved'));
    }

    public function addOfCountry(#[CurrentUser] Person $office, Calendar $calendar, CountryRequest $request, KeepHolidays $keep): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $count = $keep->addOfCountry($office, $calendar, $request->string('country')->toString(), $request->integer('year'));

        return redirect()->route('office.organisation', ['calendar' => $calendar->code, 'year' => $request->integer('year')])->with('message', Wording::choice('organisation.holidays_added', $count));
    }

    public function copyYear(#[CurrentUser] Person $office, Calendar $calendar, CopiedYearRequest $request, KeepHolidays $keep): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $to = $request->integer('year') + 1;
        $count = $keep->copyYear($office, $calendar, $request->integer('year'), $to);

        return redirect()->route('office.organisation', ['calendar' => $calendar->code, 'year' => $to])->with('message', Wording::choice('organisation.year_copied', $count));
    }

    /** @throws ValidationException */
    public function addFromFile(#[CurrentUser] Person $office, Calendar $calendar, Request $request, CalendarFile $file, KeepHolidays $keep): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $text = $request->input('calendar');
        if (! is_string($text) || $text === '' || strlen($text) > CalendarFile::LONGEST) {
            throw ValidationException::withMessages(['calendar' => Wording::of('leave.file')]);
        }
        try {
            $count = $keep->addEvents($office, $calendar, $file->read($text));
        } catch (CalendarFileUnreadable) {
            throw ValidationException::withMessages(['calendar' => Wording::of('leave.file_unreadable')]);
        }

        return back()->with('message', Wording::choice('organisation.calendar_file_taken', $count));
    }

    public function destroy(#[CurrentUser] Person $office, Holiday $holiday, KeepHolidays $keep): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $keep->remove($office, $holiday);

        return back()->with('message', Wording::of('organisation.holiday_removed', ['name' => $holiday->name]));
    }
}
