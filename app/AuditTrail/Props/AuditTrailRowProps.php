<?php

declare(strict_types=1);

namespace App\AuditTrail\Props;

/** One act. */
final readonly class AuditTrailRowProps
{
    /**
     * @param  string  $at  the instant in UTC
     * @param  string|null  $insteadOf  whose place a stand-in acted in
     * @param  string|null  $person  whose time or standing it concerns
     * @param  string  $on  the task, or whatever it was on
     * @param  list<AuditTrailChangeProps>  $changes
     */
    public function __construct(
        public int $id,
        public string $at,
        public string $actor,
        public ?string $insteadOf,
        public string $act,
        public string $subject,
        public ?string $person,
        public string $on,
        public ?string $date,
        public array $changes,
        public string $why,
    ) {
    }
}
