<?php

declare(strict_types=1);

namespace App\Api\Input;

use App\Models\ProjectState;
use Illuminate\Validation\Rule;

/** Which projects are asked for. */
final class ProjectsRequest extends PageRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return self::partRules() + ['state' => ['nullable', Rule::enum(ProjectState::class)], 'manager' => ['nullable', 'string', 'max:64'], 'client' => ['nullable', 'string', 'max:64']];
    }

    public static function fields(): array
    {
        return self::partFields() + [
            'state' => ['type' => 'string', 'enum' => array_column(ProjectState::cases(), 'value')],
            'manager' => ['type' => 'string', 'description' => 'Code of the project manager.'],
            'client' => ['type' => 'string', 'description' => 'Code of the client.'],
        ];
    }

    public function state(): ?ProjectState
    {
        return $this->enum('state', ProjectState::class);
    }
}
