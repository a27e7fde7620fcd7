<?php

declare(strict_types=1);

namespace App\Approval;

/** What becomes of time that waits: an approver decides, or, being in order, it approves itself. */
enum DecisionKind: string
{
    case Approve = 'approve';
    case Return = 'return';
    case ApproveItself = 'approve itself';
}
