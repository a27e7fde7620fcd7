<?php

declare(strict_types=1);

namespace Moss\Core\QuickLine;

/**
 * A task that a person may record on, with everything that it can be found by.
 */
final readonly class KnownTask
{
    /**
     * @param  int  $id  returned with what is found
     * @param  int  $rank  among equals the lowest comes first
     */
    public function __construct(
        public int $id,
        public string $project,
        public string $projectName,
        public string $task,
        public string $taskName,
        public ?string $chargeCode,
        public int $rank,
    ) {
    }
}
