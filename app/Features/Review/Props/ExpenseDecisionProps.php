<?php

declare(strict_types=1);

namespace App\Features\Review\Props;

use App\Approval\DecisionKind;

/** A decision on expenses that somebody has made. */
final readonly class ExpenseDecisionProps
{
    /**
     * @param  list<string>  $people  whose expenses they were
     * @param  bool  $canBeUndone  whether nobody has acted on any of them since
     */
    public function __construct(public int $id, public DecisionKind $decision, public string $comment, public int $expenses, public array $people, public bool $canBeUndone)
    {
    }
}
