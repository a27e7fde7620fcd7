<?php

declare(strict_types=1);

namespace App\Models;

/** What people are told. */
enum MessageKind: string
{
    case Assigned = 'assigned';
    case Returned = 'returned';
    case Decided = 'decided';
    case ExpensesReturned = 'expenses returned';
    case ExpensesDecided = 'expenses decided';
    case ReceiptsWaiting = 'receipts waiting';
    case CorrectionWaiting = 'correction waiting';
    case CorrectionDecided = 'correction decided';
    case EstimateUpdated = 'estimate updated';
    case EstimateWaiting = 'estimate waiting';
    case EstimateDecided = 'estimate decided';
    case StandInAdded = 'stand-in added';
    case TaskPickedUp = 'task picked up';
    case DayReminder = 'day reminder';
    case WeekDue = 'week due';
    case WeekOverdue = 'week overdue';
    case PeriodClosing = 'period closing';
    case DecisionsDue = 'decisions due';
    case LeaveRequested = 'leave requested';
    case LeaveApprovedByRule = 'leave approved by rule';
    case LeaveDecided = 'leave decided';
    case LeaveTakenBack = 'leave taken back';
    case WorkRequested = 'work requested';
    case WorkRequestDiscussed = 'work request discussed';
    case WorkRequestDecided = 'work request decided';
    case HoursDiffer = 'hours differ';
    case SignInChanged = 'sign-in changed';

    /** What can wait for the next mail of the person; a day reminder is only for the day that it is of. */
    public function isOfItsDay(): bool
    {
        return $this === self::DayReminder;
    }

    /** What nobody can turn off: that the way they sign in has changed. */
    public function isAlwaysTold(): bool
    {
        return $this === self::SignInChanged;
    }
}
