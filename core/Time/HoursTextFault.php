<?php

declare(strict_types=1);

namespace Moss\Core\Time;

/** Why a text was refused as hours. */
enum HoursTextFault: string
{
    case NotHours = 'not_hours';
    case Negative = 'negative';
    case MoreThanADay = 'more_than_a_day';
    case TooLarge = 'too_large';
    case MinutesAbove59 = 'minutes_above_59';
}
