<?php

declare(strict_types=1);

namespace App\Features\Calendars\Controllers;

use App\Features\Calendars\Actions\KeepHolidays;
use App\Features\Calendars\Requests\CountryRequest;
use App\Features\Calendars\Requests\HolidayRequest;
use App\Models\Calendar;
use App\Models\Holiday;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

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

    public function destroy(#[CurrentUser] Person $office, Holiday $holiday, KeepHolidays $keep): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $keep->remove($office, $holiday);

        return back()->with('message', Wording::of('organisation.holiday_removed', ['name' => $holiday->name]));
    }
}
