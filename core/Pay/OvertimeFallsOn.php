<?php

declare(strict_types=1);

namespace Moss\Core\Pay;

/**
 * Which of several entries are overtime.
 */
enum OvertimeFallsOn: string
{
    /** The last entries of the day; of the week's overtime, the days on which the threshold was passed. */
    case Last = 'last';
    /** All entries of the day, in proportion to their minutes. */
    case Day = 'day';
    /** As `Day`, but the week's overtime on all entries of the week, in proportion to their regular minutes. */
    case Week = 'week';
}
