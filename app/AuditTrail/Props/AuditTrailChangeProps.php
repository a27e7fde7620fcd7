<?php

declare(strict_types=1);

namespace App\AuditTrail\Props;

/** From what to what; null where there was, or is, nothing. */
final readonly class AuditTrailChangeProps
{
    public function __construct(public string $what, public ?string $before, public ?string $after)
    {
    }
}
