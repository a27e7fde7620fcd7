<?php

declare(strict_types=1);

namespace App\Features\Directory\Requests;

use App\Http\Input\BoundedRequest;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;

/** Code and name of a team, a role or a client, and the lead of a team. */
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
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name' => Wording::of('organisation.name'), 'code' => Wording::of('organisation.person_code'), 'lead' => Wording::of('organisation.several_value')];
    }

    public function lead(): ?Person
    {
        return $this->filled('lead') ? Person::query()->where('code', $this->string('lead')->toString())->sole() : null;
    }
}
