<?php

declare(strict_types=1);

namespace App\Features\Timer\Requests;

use App\Http\Input\RowId;

/** What a timer is started on. */
final class StartTimerRequest extends TimerRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['task' => ['required', new RowId], 'role' => ['nullable', new RowId], ...self::ofAnyAct()];
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
