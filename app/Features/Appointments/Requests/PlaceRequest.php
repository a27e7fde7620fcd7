<?php

declare(strict_types=1);

namespace App\Features\Appointments\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Support\Language\Wording;

/** On which task an appointment is to be put. */
final class PlaceRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['task' => ['required', new RowId], 'role' => ['nullable', new RowId]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['task' => Wording::of('appointments.task')];
    }

    public function task(): int
    {
        return $this->integer('task');
    }

    public function role(): ?int
    {
        return $this->filled('role') ? $this->integer('role') : null;
    }
}
