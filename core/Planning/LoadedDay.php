<?php

declare(strict_types=1);

namespace Moss\Core\Planning;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** What is planned for a person on a day, and their expected hours. */
final readonly class LoadedDay
{
    public function __construct(public Day $day, public Minutes $planned, public Minutes $expected)
    {
    }

    /** By how much more is planned than expected; 0 where it is not. */
    public function over(): Minutes
    {
        return $this->planned->minus($this->expected)->notBelowZero();
    }
}
