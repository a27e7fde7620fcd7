<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

use App\Features\Remaining\Props\TaskRemainingProps;

/** What is pencilled in a week now, and what is remaining of its tasks. */
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
