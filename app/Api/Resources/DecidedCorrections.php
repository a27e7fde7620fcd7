<?php

declare(strict_types=1);

namespace App\Api\Resources;

/** How many corrections were decided. */
final readonly class DecidedCorrections
{
    public function __construct(public int $decided)
    {
    }
}
