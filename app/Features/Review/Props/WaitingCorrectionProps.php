<?php

declare(strict_types=1);

namespace App\Features\Review\Props;

/** A correction that waits for the approver. */
final readonly class WaitingCorrectionProps
{
    /**
     * @param  int  $before  minutes as they are
     * @param  int  $after  minutes as they should have been
     * @param  int|null  $cost  by how many cents the cost would change; null where no rate is known or the reader sees no money of the project
     * @param  string|null  $insteadOf  for whom a stand-in would decide
     */
    public function __construct(
        public int $id,
        public string $personName,
        public string $taskName,
        public string $projectCode,
        public string $projectName,
        public ?string $roleName,
        public string $date,
        public int $before,
        public int $after,
        public string $reason,
        public bool $isSettled,
        public ?int $cost,
        public ?string $insteadOf,
    ) {
    }
}
