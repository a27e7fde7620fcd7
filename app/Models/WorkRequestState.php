<?php

declare(strict_types=1);

namespace App\Models;

/** What has become of a request for work. */
enum WorkRequestState: string
{
    case Open = 'open';
    case Declined = 'declined';
    case Accepted = 'accepted';
}
