<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

/**
 * First and last day of employment, both included; either may be open.
 */
final readonly class Employment
{
    public function __construct(private ?Day $startsOn, private ?Day $endsOn)
    {
    }

    public function includes(Day $day): bool
    {
        return ($this->startsOn === null || ! $day->isBefore($this->startsOn))
            && ($this->endsOn === null || ! $day->isAfter($this->endsOn));
    }
}
