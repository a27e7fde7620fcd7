<?php

declare(strict_types=1);

namespace App\Models;

/** What has become of what somebody proposed, a correction or a remaining estimate. */
enum ProposalState: string
{
    case Waiting = 'waiting';
    case Accepted = 'accepted';
    case Declined = 'declined';
    case Withdrawn = 'withdrawn';
}
