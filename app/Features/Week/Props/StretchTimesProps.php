<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

/** A start and an end, in minutes after midnight. */
final readonly class StretchTimesProps
{
    public function __construct(public int $starts, public int $ends)
    {
    }
}
