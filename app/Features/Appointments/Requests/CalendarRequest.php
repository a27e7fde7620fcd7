<?php

declare(strict_types=1);

namespace App\Features\Appointments\Requests;

use App\Http\Input\BoundedRequest;
use App\Support\Files\Calendar\TimedCalendarFile;
use App\Support\Language\Wording;

/** A calendar to be added: an address, or the text of a file. */
final class CalendarRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:100'],
            'address' => ['nullable', 'string', 'max:2000', 'required_without:calendar'],
            'calendar' => ['nullable', 'string', 'max:'.TimedCalendarFile::LONGEST, 'required_without:address'],
            'notesTitles' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => Wording::of('appointments.name'), 'address' => Wording::of('appointments.address'),
            'calendar.max' => Wording::of('appointments.too_large'), 'calendar' => Wording::of('appointments.unreadable'),
        ];
    }

    public function name(): string
    {
        return trim($this->string('name')->toString());
    }
}
