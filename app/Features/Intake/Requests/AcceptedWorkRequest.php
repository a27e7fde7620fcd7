<?php

declare(strict_types=1);

namespace App\Features\Intake\Requests;

use App\Features\Plan\Actions\ProjectSettings;
use App\Http\Input\BoundedRequest;
use App\Http\Input\NotBefore;
use App\Http\Input\WorkDay;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;
use Moss\Core\Calendar\Day;

/** The project that a request becomes. */
final class AcceptedWorkRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'client' => ['nullable', 'string', Rule::exists('clients', 'code')],
            'manager' => ['required', 'string', Rule::exists('people', 'code')],
            'startsOn' => ['nullable', 'string', new WorkDay],
            'endsOn' => ['nullable', 'string', new WorkDay, new NotBefore('startsOn')],
            'hours' => ['nullable', 'string', 'max:20'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name' => Wording::of('intake.title'), 'client' => Wording::of('intake.client'), 'manager' => Wording::of('intake.manager'), 'hours' => Wording::of('intake.about')];
    }

    public function settings(): ProjectSettings
    {
        $day = fn (string $name): ?Day => $this->filled($name) ? Day::of($this->string($name)->toString()) : null;

        return new ProjectSettings($this->string('name')->trim()->toString(), $this->string('client')->toString(), $this->string('manager')->toString(), $day('startsOn'), $day('endsOn'), true, true, null);
    }
}
