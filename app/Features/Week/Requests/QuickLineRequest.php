<?php

declare(strict_types=1);

namespace App\Features\Week\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class QuickLineRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['line' => ['required', 'string', 'max:2000'], 'task' => ['nullable', 'integer']];
    }

    public function line(): string
    {
        return $this->string('line')->toString();
    }

    /** The task that was chosen where several fit. */
    public function task(): ?int
    {
        return $this->filled('task') ? $this->integer('task') : null;
    }
}
