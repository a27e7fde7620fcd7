<?php

declare(strict_types=1);

namespace App\Features\Calendars\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WeekHours;
use App\Http\Input\WorkDay;
use App\Models\Calendar;
use App\Support\Language\Wording;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\WorkPattern;

/** Name, currency, working week and calendar of the organisation. */
final class OrganisationRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'currency' => ['required', 'string', 'regex:/^[A-Z]{3}$/D'],
            'pattern' => ['required', 'array', 'size:7'],
            'pattern.*' => [new WeekHours],
            'patternFrom' => ['nullable', 'string', new WorkDay(Wording::of('organisation.person_pattern_from'))],
            'calendar' => ['nullable', 'string', 'exists:calendars,code'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name' => Wording::of('organisation.name'), 'currency' => Wording::of('organisation.currency'), 'pattern' => Wording::of('organisation.pattern'), 'calendar' => Wording::of('organisation.several_value')];
    }

    public function pattern(): WorkPattern
    {
        return WeekHours::pattern($this->array('pattern'));
    }

    public function patternFrom(): ?Day
    {
        return $this->filled('patternFrom') ? Day::of($this->string('patternFrom')->toString()) : null;
    }

    public function calendar(): ?Calendar
    {
        return $this->filled('calendar') ? Calendar::query()->where('code', $this->string('calendar')->toString())->sole() : null;
    }
}
