<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

use App\Features\Remaining\Props\TaskRemainingProps;

/** The pencilled hours of a week, and the remaining hours of its tasks. */
final readonly class PencilledProps
{
    /**
     * @param  list<ProposalProps>  $proposals
     * @param  list<TaskRemainingProps>  $remaining
     */
    public function __construct(public array $proposals, public array $remaining)
    {
    }
}
