<?php

declare(strict_types=1);

namespace App\Features\Directory\Requests;

use App\Features\Directory\Actions\TeamSettings;
use App\Http\Input\BoundedRequest;
use App\Models\Person;
use App\Models\Team;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Time\DayUnit;

/** Code and name of a team, a role or a client, and what a team has besides. */
final class DirectoryRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'code' => ['nullable', 'string', 'regex:/^[A-Za-z0-9._-]{1,32}$/D'],
            'retired' => ['nullable', 'boolean'],
            'lead' => ['nullable', 'string', Rule::exists('people', 'code')],
            'period' => ['nullable', Rule::enum(TimesheetPeriod::class)],
            // Empty for hours.
            'unit' => ['nullable', Rule::enum(DayUnit::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name' => Wording::of('organisation.name'), 'code' => Wording::of('organisation.person_code'), 'lead' => Wording::of('organisation.several_value'), 'period' => Wording::of('organisation.several_value'), 'unit' => Wording::of('organisation.several_value')];
    }

    /** @param  Team|null  $before  whose timesheets stay as they are where nothing is said of them */
    public function team(?Team $before): TeamSettings
    {
        return new TeamSettings(
            $this->filled('lead') ? Person::query()->where('code', $this->string('lead')->toString())->sole() : null,
            $this->enum('period', TimesheetPeriod::class) ?? $before->timesheet_period ?? TimesheetPeriod::Week,
            $this->has('unit') ? $this->enum('unit', DayUnit::class) : $before?->counted_in,
        );
    }
}
