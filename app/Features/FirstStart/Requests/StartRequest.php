<?php

declare(strict_types=1);

namespace App\Features\FirstStart\Requests;

use App\Features\Calendars\Queries\CountryHolidays;
use App\Http\Input\BoundedRequest;
use App\Http\Input\WeekHours;
use App\Support\Language\Wording;
use DateTimeZone;
use Illuminate\Validation\Rule;
use Moss\Core\Calendar\WorkPattern;

/** What an installation is started with. */
final class StartRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'organisation' => ['required', 'string', 'max:200'],
            'country' => ['nullable', 'string', Rule::in(array_keys(CountryHolidays::countries()))],
            'currency' => ['required', 'string', 'regex:/^[A-Z]{3}$/D'],
            'pattern' => ['required', 'array', 'size:7'],
            'pattern.*' => [new WeekHours],
            'name' => ['required', 'string', 'max:200'],
            'email' => ['required', 'string', 'email', 'max:254'],
            'password' => ['required', 'string', 'max:1000'],
            // Of the browser; one that is not known here counts as none.
            'timezone' => ['nullable', 'string', 'max:100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'organisation' => Wording::of('organisation.name'),
            'country' => Wording::of('organisation.country'),
            'currency' => Wording::of('organisation.currency'),
            'pattern' => Wording::of('organisation.pattern'),
            'name' => Wording::of('organisation.person_name'),
            'email' => Wording::of('organisation.person_email'),
            'password' => Wording::of('passwords.missing'),
        ];
    }

    public function timezone(): ?string
    {
        $zone = $this->string('timezone')->toString();

        return in_array($zone, DateTimeZone::listIdentifiers(), true) ? $zone : null;
    }

    public function pattern(): WorkPattern
    {
        return WeekHours::pattern($this->array('pattern'));
    }
}
