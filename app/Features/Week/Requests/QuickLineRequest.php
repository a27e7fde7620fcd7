<?php

declare(strict_types=1);

namespace App\Features\Week\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;

final class QuickLineRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['line' => ['required', 'string', 'max:2000'], 'task' => ['nullable', new RowId]];
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
