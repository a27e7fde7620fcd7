<?php

declare(strict_types=1);

namespace App\Models;

/** What has become of a proposed correction. */
enum CorrectionState: string
{
    case Waiting = 'waiting';
    case Accepted = 'accepted';
    case Declined = 'declined';
    case Withdrawn = 'withdrawn';
}
