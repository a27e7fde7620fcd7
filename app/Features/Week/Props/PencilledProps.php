<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

use App\Features\Remaining\Props\LeftProps;

/** What is pencilled in a week now, and what is left of its tasks. */
final readonly class PencilledProps
{
    /**
     * @param  list<ProposalProps>  $proposals
     * @param  list<LeftProps>  $left
     */
    public function __construct(public array $proposals, public array $left)
    {
    }
}
