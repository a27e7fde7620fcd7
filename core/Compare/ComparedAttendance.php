<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Moss\Core\Time\Minutes;

/** What the days of people ask of them, and what they entered. */
final readonly class ComparedAttendance
{
    /**
     * @param  Minutes  $expectedToDate  what of it lies on days up to today
     * @param  Minutes  $entered  in any state, by people whose expected time the reader may know
     */
    public function __construct(public Minutes $expected, public Minutes $expectedToDate, public Minutes $entered)
    {
    }

    public function plus(self $other): self
    {
        return new self($this->expected->plus($other->expected), $this->expectedToDate->plus($other->expectedToDate), $this->entered->plus($other->entered));
    }
}
