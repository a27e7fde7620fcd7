<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Sheet\LineKey;

/** The line that something in a sheet is about. */
final readonly class LineRow
{
    public function __construct(
        public int $taskId,
        public ?int $roleId,
        public ?string $role,
        public ?string $roleName,
    ) {
    }

    public function key(): string
    {
        return LineKey::of($this->taskId, $this->roleId);
    }
}
