<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Models\Client;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;

/** A client's system: how its export is read, and from when both must agree. */
final class ClientSystemRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'client' => ['required', 'string', Rule::exists('clients', 'code')],
            'name' => ['required', 'string', 'max:100'],
            'startsOn' => ['required', 'string', new WorkDay(Wording::of('clientsystems.starts_on'))],
            'personBy' => ['required', Rule::in(['code', 'email', 'name'])],
            'personHeading' => ['required', 'string', 'max:100'],
            'dateHeading' => ['required', 'string', 'max:100', 'different:personHeading'],
            'hoursHeading' => ['required', 'string', 'max:100', 'different:personHeading', 'different:dateHeading'],
            'chargeCodeHeading' => ['nullable', 'string', 'max:100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'client' => Wording::of('clientsystems.client'), 'name' => Wording::of('clientsystems.name'), 'startsOn.required' => Wording::of('clientsystems.starts_on'), 'personBy' => Wording::of('clientsystems.person_by'),
            'personHeading' => Wording::of('clientsystems.headings'), 'dateHeading' => Wording::of('clientsystems.headings'), 'hoursHeading' => Wording::of('clientsystems.headings'),
        ];
    }

    public function client(): Client
    {
        return Client::query()->where('code', $this->string('client')->toString())->sole();
    }

    /** @return array{name: string, starts_on: string, person_by: string, person_heading: string, date_heading: string, hours_heading: string, charge_code_heading: string} */
    public function values(): array
    {
        $text = fn (string $name): string => $this->string($name)->trim()->toString();

        return ['name' => $text('name'), 'starts_on' => $text('startsOn'), 'person_by' => $text('personBy'), 'person_heading' => $text('personHeading'), 'date_heading' => $text('dateHeading'), 'hours_heading' => $text('hoursHeading'), 'charge_code_heading' => $text('chargeCodeHeading')];
    }
}
