<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Brick\Math\BigDecimal;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** What somebody first said would remain on a task that is done, and what it came to from then on. */
final readonly class EstimateOutcome
{
    private function __construct(public Day $on, public Minutes $estimated, public Minutes $cameTo)
    {
    }

    /** Null where the work is not done, or nothing was estimated of it. */
    public static function of(TaskEffort $task, AssigneeEffort $effort): ?self
    {
        if (! $task->isDone() && ! $effort->isDone()) {
            return null;
        }
        foreach ($effort->estimates as $estimate) {
            if (! $estimate->done) {
                return new self($estimate->on, $estimate->remaining, $effort->enteredAfter($estimate->on));
            }
        }

        return null;
    }

    public function difference(): Minutes
    {
        return $this->cameTo->minus($this->estimated);
    }

    /** Of what was estimated; null where that was nothing. */
    public function percentage(): ?BigDecimal
    {
        return Percentage::of($this->difference(), $this->estimated);
    }
}
