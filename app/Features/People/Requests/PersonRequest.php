<?php

declare(strict_types=1);

namespace App\Features\People\Requests;

use App\Features\People\Actions\PersonInput;
use App\Http\Input\BoundedRequest;
use App\Http\Input\WeekHours;
use App\Http\Input\WorkDay;
use App\Models\Access;
use App\Models\Calendar;
use App\Models\Person;
use App\Models\Role;
use App\Models\Team;
use App\OwnFields\TypedFields;
use App\Support\Language\ReaderLanguage;
use App\Support\Language\Wording;
use DateTimeZone;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\EmploymentBreaks;
use Moss\Core\Calendar\NotEmploymentBreaks;
use Moss\Core\Calendar\WorkPattern;

/** What the office enters of somebody. */
class PersonRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'email' => ['required', 'string', 'email', 'max:254'],
            'code' => ['nullable', 'string', 'regex:/^[A-Za-z0-9._-]{1,32}$/D'],
            'team' => ['nullable', 'string', Rule::exists('teams', 'code')],
            'manager' => ['nullable', 'string', Rule::exists('people', 'code')],
            'access' => ['required', Rule::enum(Access::class)],
            'role' => ['nullable', 'string', Rule::exists('roles', 'code')],
            'calendar' => ['nullable', 'string', Rule::exists('calendars', 'code')],
            'timezone' => ['nullable', 'string', Rule::in(DateTimeZone::listIdentifiers())],
            'startsOn' => ['nullable', 'string', new WorkDay],
            'endsOn' => ['nullable', 'string', new WorkDay],
            'breaks' => ['nullable', 'array', 'max:20'],
            'breaks.*.first' => ['required', 'string', new WorkDay],
            'breaks.*.last' => ['required', 'string', new WorkDay],
            'language' => ['nullable', 'string', Rule::in(ReaderLanguage::languages())],
            ...TypedFields::rules('fields'),
            'ownPattern' => ['required', 'boolean'],
            'pattern' => ['required_if_accepted:ownPattern', 'array', 'size:7'],
            'pattern.*' => [new WeekHours],
            'patternFrom' => ['nullable', 'string', new WorkDay(Wording::of('organisation.person_pattern_from'))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => Wording::of('organisation.person_name'),
            'email' => Wording::of('organisation.person_email'),
            'code' => Wording::of('organisation.person_code'),
            'manager' => Wording::of('organisation.person_manager'),
            'access' => Wording::of('organisation.person_access'),
            'team' => Wording::of('organisation.several_value'),
            'role' => Wording::of('organisation.several_value'),
            'calendar' => Wording::of('organisation.several_value'),
            'breaks' => Wording::of('organisation.person_breaks'),
            'language' => Wording::of('organisation.several_value'),
            'timezone' => Wording::of('organisation.person_zone'),
            'pattern' => Wording::of('organisation.pattern'),
        ];
    }

    public function person(): PersonInput
    {
        return new PersonInput(
            $this->string('name')->trim()->toString(),
            $this->string('email')->trim()->lower()->toString(),
            $this->string('code')->trim()->toString(),
            $this->filled('team') ? Team::query()->where('code', $this->string('team')->toString())->sole() : null,
            $this->filled('manager') ? Person::query()->where('code', $this->string('manager')->toString())->sole() : null,
            Access::from($this->string('access')->toString()),
            $this->filled('role') ? Role::query()->where('code', $this->string('role')->toString())->sole() : null,
            $this->filled('calendar') ? Calendar::query()->where('code', $this->string('calendar')->toString())->sole() : null,
            $this->filled('timezone') ? $this->string('timezone')->toString() : null,
            $this->day('startsOn'),
            $this->day('endsOn'),
            $this->boolean('ownPattern') ? $this->pattern() : null,
            $this->day('patternFrom'),
            $this->breaks(),
            $this->filled('language') ? $this->string('language')->toString() : null,
            TypedFields::texts($this->array('fields')),
        );
    }

    /** @throws ValidationException if a break is reversed, or two meet */
    private function breaks(): EmploymentBreaks
    {
        try {
            return EmploymentBreaks::of(implode(' ', array_map(static fn (mixed $break): string => is_array($break) && is_string($break['first'] ?? null) && is_string($break['last'] ?? null) ? $break['first'].'/'.$break['last'] : '', $this->array('breaks'))));
        } catch (NotEmploymentBreaks) {
            throw ValidationException::withMessages(['breaks' => Wording::of('organisation.person_breaks')]);
        }
    }

    private function pattern(): WorkPattern
    {
        return WeekHours::pattern($this->array('pattern'));
    }

    private function day(string $name): ?Day
    {
        return $this->filled($name) ? Day::of($this->string($name)->toString()) : null;
    }
}
