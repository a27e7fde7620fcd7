<?php

declare(strict_types=1);

namespace App\Features\Review\Actions;

/** What an approver does with what waits for them. */
enum Decision: string
{
    case Approve = 'approve';
    case Return = 'return';
}
