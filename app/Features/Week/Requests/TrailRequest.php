<?php

declare(strict_types=1);

namespace App\Features\Week\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Moss\Core\Calendar\Day;

final class TrailRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'task' => ['required', 'integer'],
            'role' => ['nullable', 'integer'],
            'date' => ['required', 'date_format:Y-m-d', 'regex:/^(19|2\d)/'],
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

    public function day(): Day
    {
        return Day::of($this->string('date')->toString());
    }
}
