<?php

declare(strict_types=1);

namespace App\AuditTrail;

/** A line of the audit trail that was found, with the names of whom and what it is about. */
final readonly class FoundLine
{
    public function __construct(
        public int $id,
        public string $at,
        public string $act,
        public string $subject,
        public string $name,
        public ?string $date,
        public ?string $before,
        public ?string $after,
        public string $why,
        public ?string $actor,
        public ?string $principal,
        public ?string $owner,
        public ?string $task,
        public ?string $project,
    ) {
    }
}
