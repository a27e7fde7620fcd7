<?php

declare(strict_types=1);

namespace App\Api\Input;

use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;
use Moss\Core\Sheet\EntryState;

/** Which entries are asked for. */
final class EntriesRequest extends PageRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return parent::rules() + ['person' => ['nullable', 'string', Rule::exists('people', 'code')], 'project' => ['nullable', 'string', 'max:64'], 'state' => ['nullable', Rule::enum(EntryState::class)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['person' => Wording::of('api.several_people')];
    }

    public static function fields(): array
    {
        return parent::fields() + [
            'person' => ['type' => 'string', 'description' => 'Code of the person; whose token it is where none is named.'],
            'project' => ['type' => 'string', 'description' => 'Code of the project.'],
            'state' => ['type' => 'string', 'enum' => array_column(EntryState::cases(), 'value')],
        ];
    }

    public function owner(Person $reader): Person
    {
        $code = $this->text('person');

        return $code === null ? $reader : Person::query()->where('code', $code)->sole();
    }

    public function state(): ?EntryState
    {
        return $this->enum('state', EntryState::class);
    }
}
