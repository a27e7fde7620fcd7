<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

/**
 * First and last day of employment, both included; either may be open. Between them there may be breaks.
 */
final readonly class Employment
{
    public function __construct(private ?Day $startsOn, private ?Day $endsOn, private ?EmploymentBreaks $breaks = null)
    {
    }

    public function includes(Day $day): bool
    {
        if (($this->startsOn !== null && $day->isBefore($this->startsOn)) || ($this->endsOn !== null && $day->isAfter($this->endsOn))) {
            return false;
        }
        foreach ($this->breaks?->ranges() ?? [] as $break) {
            if ($break->includes($day)) {
                return false;
            }
        }

        return true;
    }
}
