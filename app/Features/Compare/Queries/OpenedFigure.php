<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

/** A figure of a comparison that can be opened. */
enum OpenedFigure: string
{
    case Planned = 'planned';
    case ToDate = 'to date';
    case Actual = 'actual';
    case Pending = 'pending';

    /** Whether it is made of entries, beside tasks and people. */
    public function hasEntries(): bool
    {
        return $this === self::Actual || $this === self::Pending;
    }
}
