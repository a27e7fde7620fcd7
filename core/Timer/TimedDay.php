<?php

declare(strict_types=1);

namespace Moss\Core\Timer;

use Moss\Core\Calendar\Day;
use Moss\Core\Clock\DaySpans;
use Moss\Core\Time\Minutes;

/**
 * What a timer measured on one day where its person is: above 0, with the spans that add up to it.
 */
final readonly class TimedDay
{
    public function __construct(public Day $day, public DaySpans $spans)
    {
    }

    public function minutes(): Minutes
    {
        return $this->spans->minutes();
    }
}
