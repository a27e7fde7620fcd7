<?php

declare(strict_types=1);

namespace App\Models;

/** How far a billing file is. */
enum BillingState: string
{
    case Settling = 'settling';
    case Done = 'done';
}
