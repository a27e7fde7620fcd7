<?php

declare(strict_types=1);

namespace App\Features\Calendars\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Support\Language\Wording;

/** The year whose holidays are copied to the next. */
final class CopiedYearRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $days = WorkDay::limits()->days();

        return ['year' => ['required', 'integer', 'between:'.$days->first()->year().','.($days->last()->year() - 1)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['year' => Wording::of('organisation.year')];
    }
}
