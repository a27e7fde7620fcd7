<?php

declare(strict_types=1);

namespace App\Features\Week\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Moss\Core\Time\Minutes;

final class RemoveLineRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'task' => ['required', 'integer', 'exists:tasks,id'],
            'role' => ['nullable', 'integer', 'exists:roles,id'],
            'minutes' => ['required', 'integer'],
        ];
    }

    public function task(): int
    {
        return $this->integer('task');
    }

    public function role(): ?int
    {
        return $this->filled('role') ? $this->integer('role') : null;
    }

    /** What the line held when it was asked for. */
    public function minutes(): Minutes
    {
        return Minutes::of($this->integer('minutes'));
    }
}
