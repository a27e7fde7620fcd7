<?php

declare(strict_types=1);

namespace Moss\Core\Sheet;

/**
 * Where pencilled hours come from. The first that speaks for a line is the one that counts.
 */
enum PencilSource: string
{
    case Timer = 'timer';
    case Calendar = 'calendar';
    case Tracker = 'tracker';
    case Plan = 'plan';
    case LastWeek = 'last week';
    case UsualWeek = 'usual week';
}
