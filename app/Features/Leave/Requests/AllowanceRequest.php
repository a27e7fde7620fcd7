<?php

declare(strict_types=1);

namespace App\Features\Leave\Requests;

use App\Http\Input\BoundedRequest;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;

/** What one person may take in a year. */
final class AllowanceRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'person' => ['required', 'string', Rule::exists('people', 'code')],
            'year' => ['required', 'integer', 'between:2000,2100'],
            'days' => ['required', 'string', 'regex:/^\d{1,3}([.,][05])?$/D'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['person' => Wording::of('leave.allowance_person'), 'year' => Wording::of('leave.kind_year'), 'days' => Wording::of('leave.kind_days')];
    }

    public function person(): Person
    {
        return Person::query()->where('code', $this->string('person')->toString())->sole();
    }
}
