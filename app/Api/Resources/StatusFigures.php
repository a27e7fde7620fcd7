<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** How a project, or a task of it, stands: minutes at completion. */
final readonly class StatusFigures
{
    /**
     * @param  string|null  $task  code; null for the whole project
     * @param  int  $actual  approved or settled
     * @param  int  $pending  recorded, and not approved yet
     * @param  int  $forecast  actual, pending and remaining
     * @param  int  $variance  forecast less planned
     */
    public function __construct(
        public ?string $task,
        public int $planned,
        public int $actual,
        public int $pending,
        public int $remaining,
        public int $forecast,
        public int $variance,
    ) {
    }
}
