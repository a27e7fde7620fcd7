<?php

declare(strict_types=1);

namespace App\Features\Review\Actions;

use Moss\Core\Time\Minutes;

/** What was decided now. */
final readonly class Decided
{
    /** @param  int|null  $id  of the decision, by which it can be undone; null where nothing was decided */
    public function __construct(public ?int $id, public Minutes $minutes, public int $entries)
    {
    }

    /** With what was decided after it. */
    public function with(self $next): self
    {
        return new self($next->id ?? $this->id, $this->minutes->plus($next->minutes), $this->entries + $next->entries);
    }
}
