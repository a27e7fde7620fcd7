<?php

declare(strict_types=1);

namespace App\Http\Input;

/**
 * The line of the sheet that a request is about, as `task` and `role`; a line without a role has none.
 *
 * @phpstan-require-extends BoundedRequest
 */
trait NamesLine
{
    public function task(): int
    {
        return $this->integer('task');
    }

    public function role(): ?int
    {
        return $this->filled('role') ? $this->integer('role') : null;
    }

    /** @return array<string, list<mixed>> */
    protected static function ofLine(): array
    {
        return ['task' => ['required', new RowId], 'role' => ['nullable', new RowId]];
    }
}
