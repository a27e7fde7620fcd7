<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Planning\Assignee;
use Moss\Core\Time\Minutes;

/** What remains for one assignee on a task; no assignee stands for its unassigned hours. */
final readonly class AssigneeRemaining
{
    public function __construct(public ?Assignee $assignee, public Minutes $remaining)
    {
    }
}
