<?php

declare(strict_types=1);

namespace Moss\Core\QuickLine;

/**
 * What keeps a quick line from being understood.
 */
enum QuickFault: string
{
    case NoHours = 'no_hours';
    case WrongHours = 'wrong_hours';
    case NoDay = 'no_day';
    case NotInWeek = 'not_in_week';
    case DaysReversed = 'days_reversed';
    case NoWords = 'no_explanations';
    case TimesUnreadable = 'times_unreadable';
    case TimesOnDays = 'times_on_days';
    case UnknownWords = 'unknown_words';
    case TooLong = 'too_long';
}
