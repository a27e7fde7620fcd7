<?php

declare(strict_types=1);

namespace App\Features\Week\Props;

use App\Features\Remaining\Props\TaskRemainingProps;
use App\Pay\Props\PayProps;

/** The pencilled hours of a week, the remaining hours of its tasks, and what is recorded by kinds of pay. */
final readonly class PencilledProps
{
    /**
     * @param  list<ProposalProps>  $proposals
     * @param  list<TaskRemainingProps>  $remaining
     * @param  PayProps|null  $pay  what is recorded by kinds of pay; null where no rule holds
     */
    public function __construct(public array $proposals, public array $remaining, public ?PayProps $pay)
    {
    }
}
