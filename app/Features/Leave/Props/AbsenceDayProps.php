<?php

declare(strict_types=1);

namespace App\Features\Leave\Props;

/** One day of somebody in the calendar of absences. */
final readonly class AbsenceDayProps
{
    /**
     * @param  bool  $isWorked  whether the person would work on it
     * @param  string|null  $what  the kind of absence, or that they are away; null where they are there
     * @param  bool  $isPart  whether they are away for a part of the day
     * @param  bool  $isPencilled  whether it is only asked for
     */
    public function __construct(public string $date, public bool $isWorked, public ?string $what, public bool $isPart, public bool $isPencilled)
    {
    }
}
