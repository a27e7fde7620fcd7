<?php

declare(strict_types=1);

namespace App\Features\Rates\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Lookup\PersonByName;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** A rate of a person, a role or both, from a day on. */
final class RateRequest extends BoundedRequest
{
    private const MONEY = 'regex:/^\d{1,9}([.,]\d{1,4})?$/D';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'person' => ['nullable', 'string', 'max:200', 'required_without:role'],
            'role' => ['nullable', 'string', Rule::exists('roles', 'code')],
            'from' => ['required', new WorkDay(Wording::refusal('rate.no_day'))],
            'cost' => ['required', 'string', self::MONEY],
            'bill' => ['nullable', 'string', self::MONEY],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'person.required_without' => Wording::refusal('rate.of_nobody'),
            'from.required' => Wording::refusal('rate.no_day'),
            'cost.*' => Wording::refusal('rate.no_cost'),
            'bill.regex' => Wording::refusal('rate.no_billing_rate'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && $this->filled('person') && $this->person() === null) {
                $validator->errors()->add('person', Wording::refusal('rate.unknown_person', ['person' => trim($this->string('person')->toString())]));
            }
        }];
    }

    public function person(): ?Person
    {
        return PersonByName::find($this->string('person')->toString());
    }

    public function cost(): string
    {
        return str_replace(',', '.', trim($this->string('cost')->toString()));
    }

    public function bill(): ?string
    {
        return $this->filled('bill') ? str_replace(',', '.', trim($this->string('bill')->toString())) : null;
    }
}
