<?php

declare(strict_types=1);

namespace App\Features\Timesheets\Props;

/** Why somebody may record in another's sheet; the first that holds. */
enum TrustReason: string
{
    case Permission = 'permission';
    case LineManager = 'line manager';
    case Office = 'office';
}
