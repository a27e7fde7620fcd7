<?php

declare(strict_types=1);

namespace App\Features\Review\Actions;

use Moss\Core\Time\Minutes;

/** What was decided now. */
final readonly class DecisionResult
{
    /**
     * @param  bool  $isWhole  whether it is all that was to be decided
     * @param  int|null  $decision  by which it is undone; null where it was nothing, or more than one decision
     */
    public function __construct(public Minutes $minutes, public int $entries, public bool $isWhole = true, public ?int $decision = null)
    {
    }

    /** With what was decided after it. */
    public function with(self $next): self
    {
        return new self($this->minutes->plus($next->minutes), $this->entries + $next->entries);
    }

    /** With the rest left undecided. */
    public function cutShort(): self
    {
        return new self($this->minutes, $this->entries, false, $this->decision);
    }
}
