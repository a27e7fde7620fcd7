<?php

declare(strict_types=1);

namespace Moss\Core\Pay;

/**
 * Why minutes are not regular.
 */
enum PayCause: string
{
    /** More than the day's threshold. */
    case Day = 'day';
    /** More than the day's threshold for double time. */
    case LongDay = 'long day';
    /** More than the week's threshold. */
    case Week = 'week';
    /** All six days before were worked. */
    case SeventhDay = 'seventh day';
    case Night = 'night';
    case Sunday = 'sunday';
    case Holiday = 'holiday';
}
