<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** What was decided. */
final readonly class Decided
{
    /** @param  bool  $isWhole  whether it is all that was to be decided; else the rest has changed since it was seen */
    public function __construct(public int $minutes, public int $entries, public bool $isWhole)
    {
    }
}
