<?php

declare(strict_types=1);

namespace App\Features\MyTasks\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;

/** Which task is to be pinned or not. */
final class PinRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['task' => ['required', new RowId], 'role' => ['nullable', new RowId], 'pinned' => ['required', 'boolean']];
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
