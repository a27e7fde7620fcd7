<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

use Moss\Core\Calendar\Day;
use Moss\Core\Clock\DaySpans;
use Moss\Core\Time\Minutes;

/**
 * A line that something says the hours of by the clock: a timer that ran, or appointments.
 */
final readonly class TimedLine
{
    /** @param  array<string, DaySpans>  $days  by `YYYY-MM-DD`, none empty */
    public function __construct(public Line $line, public PencilSource $source, public array $days)
    {
    }

    public function minutesOn(Day $day): ?Minutes
    {
        return ($this->days[$day->toString()] ?? null)?->minutes();
    }
}
