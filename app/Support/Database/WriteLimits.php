<?php

declare(strict_types=1);

namespace App\Support\Database;

/** How much one act may write, so that nobody else waits long for the write lock. */
final readonly class WriteLimits
{
    /** So many rows an act writes quickly enough. */
    public const MOST_ROWS = 150;
}
