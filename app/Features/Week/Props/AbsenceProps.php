<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

/** An absence on a day; without minutes, all that would be owed. */
final readonly class AbsenceProps
{
    public function __construct(public string $kind, public ?int $minutes)
    {
    }
}
