<?php

declare(strict_types=1);

namespace App\Features\Review\Queries;

/** Which of the time that waits is shown. */
enum WaitingFilter: string
{
    case All = 'all';
    case NeedsAttention = 'attention';
    case InOrder = 'in order';
}
