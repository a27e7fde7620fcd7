<?php

declare(strict_types=1);

namespace App\Features\Week\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Http\Input\WorkDay;
use Moss\Core\Calendar\Day;

final class AuditTrailRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'task' => ['required', new RowId],
            'role' => ['nullable', new RowId],
            'date' => ['required', new WorkDay],
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
