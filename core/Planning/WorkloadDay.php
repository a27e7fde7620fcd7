<?php

declare(strict_types=1);

namespace Moss\Core\Planning;

use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** What a day asks of a person, what is planned for them on it, and what they entered. */
final readonly class WorkloadDay
{
    /** @param  int  $side  below 0 for a day gone by, 0 for today, above 0 for one to come */
    public function __construct(public Day $day, public Minutes $expected, public Minutes $planned, public Minutes $entered, private int $side)
    {
    }

    /** What was entered on a day gone by, what is planned on one to come, and the larger of both today. */
    public function load(): Minutes
    {
        return match (true) {
            $this->side < 0 => $this->entered,
            $this->side > 0 => $this->planned,
            default => $this->planned->isMoreThan($this->entered) ? $this->planned : $this->entered,
        };
    }

    /** By how much the load exceeds what is expected; never below 0. */
    public function over(): Minutes
    {
        return $this->load()->minus($this->expected)->notBelowZero();
    }

    /** What is left of the day for more; nothing once it is gone by. */
    public function free(): Minutes
    {
        return $this->side < 0 ? Minutes::zero() : $this->expected->minus($this->load())->notBelowZero();
    }
}
