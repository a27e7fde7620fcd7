<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Brick\Math\BigDecimal;

/** What an index of earned value says: as good as the plan at 1, better above it. */
enum Performance: string
{
    case Better = 'better';
    case AsPlanned = 'as planned';
    case Worse = 'worse';

    public static function of(BigDecimal $index): self
    {
        return match ($index->compareTo(1)) {
            1 => self::Better,
            0 => self::AsPlanned,
            default => self::Worse,
        };
    }
}
