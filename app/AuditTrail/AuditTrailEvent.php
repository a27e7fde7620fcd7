<?php

declare(strict_types=1);

namespace App\AuditTrail;

/** A line of the audit trail as another system is told of it. */
final readonly class AuditTrailEvent
{
    /**
     * @param  int  $id  never used twice; later events have higher ones
     * @param  string  $type  subject and act, as `entry.submit`
     * @param  string  $at  UTC instant
     * @param  string|null  $actor  code of who did it; null where nobody in particular did
     * @param  string|null  $onBehalfOf  code of whom a stand-in acted for
     * @param  string|null  $person  code of whose time or data it concerns
     * @param  string|null  $date  YYYY-MM-DD
     * @param  string  $name  of what it was on, where that is no entry
     * @param  array<string, string|int|null>|null  $before  null where there was nothing
     * @param  array<string, string|int|null>|null  $after  null where there is nothing any more
     */
    public function __construct(
        public int $id,
        public string $type,
        public string $at,
        public ?string $actor,
        public ?string $onBehalfOf,
        public ?string $person,
        public ?string $project,
        public ?string $task,
        public ?string $date,
        public string $name,
        public ?array $before,
        public ?array $after,
        public string $why,
    ) {
    }
}
