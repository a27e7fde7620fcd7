<?php

declare(strict_types=1);

namespace App\Features\Sheets\Props;

/** Why somebody may record in another's sheet; the first that holds. */
enum TrustReason: string
{
    case Named = 'named';
    case LineManager = 'line manager';
    case Office = 'office';
}
