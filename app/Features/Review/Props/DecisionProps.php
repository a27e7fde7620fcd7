<?php

declare(strict_types=1);

namespace App\Features\Review\Props;

use App\Approval\DecisionKind;

/** A decision that somebody has made. */
final readonly class DecisionProps
{
    /**
     * @param  string  $at  the instant in UTC, as `2026-06-17T15:04:05Z`
     * @param  list<string>  $people  whose time it was
     * @param  bool  $canBeUndone  whether nobody has acted on any of it since
     */
    public function __construct(
        public int $id,
        public string $at,
        public DecisionKind $decision,
        public string $comment,
        public int $entries,
        public int $minutes,
        public array $people,
        public bool $canBeUndone,
    ) {
    }
}
