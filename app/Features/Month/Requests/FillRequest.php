<?php

declare(strict_types=1);

namespace App\Features\Month\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;

/** On which line the rest of a month is to be filled. */
final class FillRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['task' => ['required', new RowId], 'role' => ['nullable', new RowId]];
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
