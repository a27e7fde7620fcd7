<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

/**
 * What a finding does to time that is to be handed over.
 */
enum Level: string
{
    case Blocks = 'blocks';
    case Asks = 'asks';
    case Mentions = 'mentions';
    case Off = 'off';

    /** Whether time with such a finding needs a look, rather than being in order. */
    public function needsALook(): bool
    {
        return $this === self::Blocks || $this === self::Asks;
    }
}
