<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

/** One act on an entry: who, when, from what to what. */
final readonly class AuditTrailLineProps
{
    /**
     * @param  string  $at  the instant in UTC, as `2026-06-17T15:04:05Z`
     * @param  string|null  $onBehalfOf  whose place a stand-in acted in
     * @param  int|null  $before  minutes; null where there were none, or the act did not touch them
     * @param  int|null  $after  minutes
     * @param  string|null  $note  the team note that it left
     * @param  string|null  $clientNote  the client note that it left
     */
    public function __construct(
        public string $at,
        public string $actor,
        public ?string $onBehalfOf,
        public string $act,
        public ?int $before,
        public ?int $after,
        public ?string $note,
        public ?string $clientNote,
        public string $why,
    ) {
    }
}
