<?php

declare(strict_types=1);

namespace App\Features\Calendars\Queries;

use App\Features\Calendars\Props\HolidayRowProps;
use App\Features\Calendars\Props\OrganisationProps;
use App\Http\Input\WeekHours;
use App\Lookup\Props\OptionProps;
use App\Models\Calendar;
use App\Models\Holiday;
use App\Models\Organisation;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\WorkPattern;

/** What the page of the organisation shows. */
final class OrganisationPage
{
    public function of(string $calendar, int $year, Day $today): OrganisationProps
    {
        $organisation = Organisation::query()->with('calendar')->sole();
        $calendars = Calendar::query()->orderBy('code')->get();
        $shown = $calendars->firstWhere('code', $calendar) ?? $calendars->firstWhere('id', $organisation->calendar_id) ?? $calendars->first();
        $holidays = $shown === null ? [] : Holiday::query()->where('calendar_id', $shown->id)->whereBetween('date', ["$year-01-01", "$year-12-31"])->orderBy('date')->get()->all();

        return new OrganisationProps(
            $organisation->name,
            $organisation->currency,
            WeekHours::texts(WorkPattern::of($organisation->pattern), $today),
            $organisation->calendar?->code,
            array_values(array_map(static fn (Calendar $one): string => $one->code, $calendars->all())),
            $shown?->code,
            $year,
            array_values(array_map(static fn (Holiday $holiday): HolidayRowProps => new HolidayRowProps($holiday->id, $holiday->date->toString(), $holiday->name, $holiday->part), $holidays)),
            array_map(static fn (string $code, string $name): OptionProps => new OptionProps($code, $name), array_keys(CountryHolidays::countries()), CountryHolidays::countries()),
        );
    }
}
