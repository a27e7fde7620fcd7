<?php

declare(strict_types=1);

namespace App\Sheet\Props;

use App\Models\AbsenceVisibility;
use App\Support\Language\Wording;

/** An absence on a day; without minutes, all that would be expected. */
final readonly class AbsenceProps
{
    /** @param  bool  $isPencilled  whether it is asked for and not approved yet, so that it counts for nothing */
    public function __construct(public string $kind, public ?int $minutes, public bool $isPencilled = false)
    {
    }

    /** For who may know that somebody is away, but not for how long, and why only where that is for everybody to know. */
    public static function forOthers(string $kind, string $visibleTo): self
    {
        return new self($visibleTo === AbsenceVisibility::Everybody->value ? $kind : Wording::refusal('absent'), null);
    }
}
