<?php

declare(strict_types=1);

namespace App\Features\Leave\Props;

/** Somebody in the calendar of absences. */
final readonly class AbsenceRowProps
{
    /** @param  list<AbsenceDayProps>  $days  of the month on which the person is away or does not work */
    public function __construct(public string $code, public string $name, public ?string $team, public array $days)
    {
    }
}
