<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

/**
 * What a finding does to time that is to be submitted.
 */
enum Severity: string
{
    case Blocking = 'blocking';
    case NeedsExplanation = 'explanation';
    case Information = 'information';
    case Off = 'off';

    /** Whether time with such a finding needs attention, rather than being in order. */
    public function needsAttention(): bool
    {
        return $this === self::Blocking || $this === self::NeedsExplanation;
    }
}
