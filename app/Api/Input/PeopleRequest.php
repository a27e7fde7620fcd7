<?php

declare(strict_types=1);

namespace App\Api\Input;

/** Which people are asked for. */
final class PeopleRequest extends PageRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return self::partRules() + ['team' => ['nullable', 'string', 'max:64'], 'email' => ['nullable', 'string', 'max:254']];
    }

    public static function fields(): array
    {
        return self::partFields() + ['team' => ['type' => 'string', 'description' => 'Code of the team.'], 'email' => ['type' => 'string', 'description' => 'The whole address.']];
    }
}
