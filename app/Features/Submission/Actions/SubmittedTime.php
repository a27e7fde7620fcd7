<?php

declare(strict_types=1);

namespace App\Features\Submission\Actions;

use Moss\Core\Time\Minutes;

/** How much of a week was submitted, and how much of that was approved at once. */
final readonly class SubmittedTime
{
    private function __construct(public Minutes $submitted, public Minutes $approved)
    {
    }

    public static function nothing(): self
    {
        return new self(Minutes::zero(), Minutes::zero());
    }

    public function plus(Minutes $minutes, bool $isApproved): self
    {
        return new self($this->submitted->plus($minutes), $isApproved ? $this->approved->plus($minutes) : $this->approved);
    }
}
