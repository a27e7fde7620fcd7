<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

use Moss\Core\Time\Minutes;

/**
 * The effect of an accepted correction: approved time takes the new minutes; settled time stays, and the difference
 * (which may be negative) is posted as a new approved entry.
 */
final readonly class Correction
{
    private function __construct(public Minutes $stored, public Minutes $posted)
    {
    }

    /** @throws ActRefused if the entry is neither approved nor settled */
    public static function of(EntryState $state, Minutes $old, Minutes $new): self
    {
        return match ($state) {
            EntryState::Approved => new self($new, Minutes::zero()),
            EntryState::Settled => new self($old, $new->minus($old)),
            default => throw ActRefused::because(Refusal::NotApproved),
        };
    }
}
