<?php

declare(strict_types=1);

namespace Moss\Core\Leave;

/** What has become of a request for leave. */
enum LeaveState: string
{
    case Requested = 'requested';
    case Approved = 'approved';
    case Declined = 'declined';
    case TakenBack = 'taken back';
    /** Approved, and changed since: another request holds in its place. */
    case Replaced = 'replaced';

    /** Whether its days count: they are asked for or approved. */
    public function isOpen(): bool
    {
        return $this === self::Requested || $this === self::Approved;
    }
}
