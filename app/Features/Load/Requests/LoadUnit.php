<?php

declare(strict_types=1);

namespace App\Features\Load\Requests;

/** What stands in a column of the load. */
enum LoadUnit: string
{
    case Day = 'day';
    case Week = 'week';
}
