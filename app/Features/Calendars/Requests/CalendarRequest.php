<?php

declare(strict_types=1);

namespace App\Features\Calendars\Requests;

use App\Http\Input\BoundedRequest;
use App\Support\Language\Wording;

/** A new calendar. */
final class CalendarRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'regex:/^[A-Za-z0-9._-]{1,32}$/D', 'unique:calendars,code']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['code.unique' => Wording::of('organisation.calendar_taken'), 'code' => Wording::of('organisation.calendar_code')];
    }
}
