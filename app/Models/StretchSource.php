<?php

declare(strict_types=1);

namespace App\Models;

/** How time by the clock came about. */
enum StretchSource: string
{
    case Drawn = 'drawn';
    case Timer = 'timer';
    case Calendar = 'calendar';
}
