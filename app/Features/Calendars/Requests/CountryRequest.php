<?php

declare(strict_types=1);

namespace App\Features\Calendars\Requests;

use App\Features\Calendars\Queries\CountryHolidays;
use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;

/** Whose public holidays, of which year. */
final class CountryRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $days = WorkDay::limits()->days();

        return [
            'country' => ['required', 'string', Rule::in(array_keys(CountryHolidays::countries()))],
            'year' => ['required', 'integer', 'between:'.$days->first()->year().','.$days->last()->year()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['country' => Wording::of('organisation.country'), 'year' => Wording::of('organisation.year')];
    }
}
