<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

/** A posted difference: its minutes, which may be negative, and the day that it corrects. */
final readonly class AdjustmentProps
{
    public function __construct(public int $minutes, public string $corrects, public string $note)
    {
    }
}
