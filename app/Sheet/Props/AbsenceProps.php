<?php

declare(strict_types=1);

namespace App\Sheet\Props;

/** An absence on a day; without minutes, all that would be expected. */
final readonly class AbsenceProps
{
    public function __construct(public string $kind, public ?int $minutes)
    {
    }
}
