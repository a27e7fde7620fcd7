<?php

declare(strict_types=1);

namespace App\Features\ClientSystems\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Models\Client;
use App\Pay\PayPremiums;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A client's system: how its export is read, and from when both must agree. */
final class ClientSystemRequest extends BoundedRequest
{
    private ?PayPremiums $premiums = null;

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
            'payKindHeading' => ['nullable', 'string', 'max:100', 'different:chargeCodeHeading'],
            'payKinds' => ['nullable', 'array:'.implode(',', $this->premiums()->keys())],
            'payKinds.*' => ['nullable', 'string', 'max:50'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'client' => Wording::of('clientsystems.client'), 'name' => Wording::of('clientsystems.name'), 'startsOn.required' => Wording::of('clientsystems.starts_on'), 'personBy' => Wording::of('clientsystems.person_by'),
            'personHeading' => Wording::of('clientsystems.headings'), 'dateHeading' => Wording::of('clientsystems.headings'), 'hoursHeading' => Wording::of('clientsystems.headings'), 'payKindHeading' => Wording::of('clientsystems.kind_heading'), 'payKinds' => Wording::of('clientsystems.kinds'), 'payKinds.*' => Wording::of('clientsystems.kinds'),
        ];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $named = $validator->errors()->isNotEmpty() ? [] : $this->kinds();
            $all = array_map(fn (string $kind): string => mb_strtolower($named[$kind] ?? $this->premiums()->name($kind)), $this->premiums()->keys());
            if (count(array_unique($all)) < count($all)) {
                $validator->errors()->add('payKinds', Wording::of('clientsystems.kinds'));
            }
        }];
    }

    public function client(): Client
    {
        return Client::query()->where('code', $this->string('client')->toString())->sole();
    }

    /** @return array{name: string, starts_on: string, person_by: string, person_heading: string, date_heading: string, hours_heading: string, charge_code_heading: string, pay_kind_heading: string, pay_kind_names: array<string, string>} */
    public function values(): array
    {
        $text = fn (string $name): string => $this->string($name)->trim()->toString();

        return ['name' => $text('name'), 'starts_on' => $text('startsOn'), 'person_by' => $text('personBy'), 'person_heading' => $text('personHeading'), 'date_heading' => $text('dateHeading'), 'hours_heading' => $text('hoursHeading'), 'charge_code_heading' => $text('chargeCodeHeading'), 'pay_kind_heading' => $text('payKindHeading'), 'pay_kind_names' => $this->kinds()];
    }

    /** @return array<string, string> what kinds are called, where that is said */
    private function kinds(): array
    {
        $names = [];
        foreach ($this->premiums()->keys() as $kind) {
            $name = $this->string('payKinds.'.$kind)->trim()->toString();
            if ($name !== '') {
                $names[$kind] = $name;
            }
        }

        return $names;
    }

    private function premiums(): PayPremiums
    {
        return $this->premiums ??= PayPremiums::load();
    }
}
