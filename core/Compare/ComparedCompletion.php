<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Moss\Core\Time\Minutes;

/** Where work comes to in the end, whatever the period: what has been entered on it by now, and what remains. */
final readonly class ComparedCompletion
{
    /** @param  Minutes  $entered  in any state, on any day */
    public function __construct(public Minutes $entered, public Minutes $remaining)
    {
    }

    public function plus(self $other): self
    {
        return new self($this->entered->plus($other->entered), $this->remaining->plus($other->remaining));
    }

    public function forecast(): Minutes
    {
        return $this->entered->plus($this->remaining);
    }
}
