<?php

declare(strict_types=1);

namespace Moss\Core\HouseRules;

/**
 * The rules that there are, in the order in which they are shown. Settings and wording are stored under these codes, so
 * that a code stays the same for good.
 */
enum RuleCode: string
{
    case WeekShort = 'week_short';
    case WeekAbove = 'week_above';
    case EmptyWorkingDay = 'empty_working_day';
    case DayAbove = 'day_above';
    case SpansDiffer = 'spans_differ';
    case BreakAfterSix = 'break_after_six';
    case BreakAfterNine = 'break_after_nine';
    case RestShort = 'rest_short';
    case TimeOnFreeDay = 'time_on_free_day';
    case TimeOnHoliday = 'time_on_holiday';
    case TimeOnAbsence = 'time_on_absence';
    case OffStep = 'off_step';
    case NotAssigned = 'not_assigned';
    case TaskClosed = 'task_closed';
    case TaskNotStarted = 'task_not_started';
    case TaskEnded = 'task_ended';
    case MoreThanRemained = 'more_than_remained';
    case OverBudget = 'over_budget';
    case ClientNoteMissing = 'client_note_missing';
    case NoteMissing = 'note_missing';
    case NoteShort = 'note_short';
    case FieldMissing = 'field_missing';
    case ChargeCodeMissing = 'charge_code_missing';
    case OldTime = 'old_time';
    case SameEveryDay = 'same_every_day';
    case RecordedByAnother = 'recorded_by_another';
    case ReceiptMissing = 'receipt_missing';
    case ExpenseOverLimit = 'expense_over_limit';
    case ExpenseOld = 'expense_old';
    case ExpenseTwice = 'expense_twice';
    case ExpenseFieldMissing = 'expense_field_missing';
}
