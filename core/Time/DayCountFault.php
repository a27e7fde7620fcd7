<?php

declare(strict_types=1);

namespace Moss\Core\Time;

/** Why a text was refused as a part of a day. */
enum DayCountFault: string
{
    case NotDays = 'not_days';
    case MoreThanADay = 'more_than_a_day';

    /** A quarter of a day where half days are counted, for instance. */
    case NotTheUnit = 'not_the_unit';
}
