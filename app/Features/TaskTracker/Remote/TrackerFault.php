<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Remote;

use RuntimeException;

/** Why a task tracker did not do what it was asked. */
final class TrackerFault extends RuntimeException
{
    private function __construct(public readonly TrackerFaultKind $kind, string $said)
    {
        parent::__construct($said);
    }

    /** @param  string  $said  what the tracker says of it */
    public static function of(TrackerFaultKind $kind, string $said = ''): self
    {
        return new self($kind, mb_substr(mb_scrub($said, 'UTF-8'), 0, 300));
    }
}
