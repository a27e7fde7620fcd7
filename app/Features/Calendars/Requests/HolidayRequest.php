<?php

declare(strict_types=1);

namespace App\Features\Calendars\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Support\Language\Wording;
use Moss\Core\Calendar\Day;

/** A public holiday of a calendar. */
final class HolidayRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'date' => ['required', 'string', new WorkDay],
            'name' => ['required', 'string', 'max:200'],
            'part' => ['required', 'in:1,0.5'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['date.required' => Wording::refusal('date.unreadable'), 'name' => Wording::of('organisation.holiday_name'), 'part' => Wording::of('organisation.holiday_part')];
    }

    public function day(): Day
    {
        return Day::of($this->string('date')->toString());
    }
}
