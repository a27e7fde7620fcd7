<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use Moss\Core\Effort\AssigneeEffort;
use Moss\Core\Sheet\Line;
use Moss\Core\Sheet\Proposal;

/** What is pencilled in for a week. */
final readonly class PencilledWeek
{
    /**
     * @param  list<Proposal>  $proposals
     * @param  list<Line>  $pastLines  that past weeks speak of, also where they have no hours to propose
     * @param  array<int, AssigneeEffort>  $assigneeEfforts  by task, what the person or their team holds
     */
    public function __construct(public array $proposals, public array $pastLines, public array $assigneeEfforts)
    {
    }
}
