<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

/** Which figure was opened. */
enum FigureKind: string
{
    case Planned = 'planned';
    case Actual = 'actual';
    case Pending = 'pending';
    case Remaining = 'remaining';
    case Forecast = 'forecast';
    case Variance = 'variance';
}
