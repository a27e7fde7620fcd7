<?php

declare(strict_types=1);

namespace App\Features\Appointments\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\NamesLine;
use App\Support\Language\Wording;

/** On which task an appointment is to be put. */
final class PlaceRequest extends BoundedRequest
{
    use NamesLine;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::ofLine();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['task' => Wording::of('appointments.task')];
    }
}
