<?php

declare(strict_types=1);

namespace App\Features\People\Requests;

use App\Features\People\Actions\SharedField;
use App\Http\Input\BoundedRequest;
use App\Models\Person;
use App\Models\Role;
use App\Models\Team;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;

/** Whom to change, and what to: a team, a line manager or a role by its code, or none. */
final class SeveralPeopleRequest extends BoundedRequest
{
    private const MOST = 500;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'people' => ['required', 'array', 'max:'.self::MOST],
            'people.*' => ['required', 'string', 'max:32'],
            'field' => ['required', Rule::enum(SharedField::class)],
            'value' => ['nullable', 'string', 'max:32'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['people' => Wording::of('organisation.several_whom')];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && $this->filled('value') && $this->value() === null) {
                $validator->errors()->add('value', Wording::of('organisation.several_value'));
            }
        }];
    }

    /** @return list<string> */
    public function people(): array
    {
        return array_values(array_filter($this->array('people'), is_string(...)));
    }

    public function field(): SharedField
    {
        return SharedField::from($this->string('field')->toString());
    }

    public function value(): Person|Role|Team|null
    {
        return $this->filled('value') ? $this->field()->options()->where('code', $this->string('value')->toString())->first() : null;
    }
}
