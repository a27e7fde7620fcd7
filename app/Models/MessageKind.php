<?php

declare(strict_types=1);

namespace App\Models;

/** What people are told. */
enum MessageKind: string
{
    case Assigned = 'assigned';
    case Returned = 'returned';
    case Decided = 'decided';
    case CorrectionAsked = 'correction asked';
    case CorrectionDecided = 'correction decided';
    case Restated = 'restated';
    case RestatementAsked = 'restatement asked';
    case RestatementDecided = 'restatement decided';
    case StandInNamed = 'stand-in named';
    case Nudge = 'nudge';
    case WeekDue = 'week due';
    case WeekLate = 'week late';
    case PeriodClosing = 'period closing';

    /** What can wait for the next mail of the person; a nudge is only for the day that it is of. */
    public function isOfItsDay(): bool
    {
        return $this === self::Nudge;
    }
}
