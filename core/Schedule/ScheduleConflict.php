<?php

declare(strict_types=1);

namespace Moss\Core\Schedule;

/** Why a part of a schedule file does not go with what was recorded. */
enum ScheduleConflict: string
{
    /** Time was recorded on what the file does not have any more: it cannot be removed. */
    case Recorded = 'recorded';
    /** Less is planned than was recorded already. */
    case BelowRecorded = 'below recorded';
    /** It ends before the last day on which time was recorded. */
    case EndsTooSoon = 'ends too soon';
}
