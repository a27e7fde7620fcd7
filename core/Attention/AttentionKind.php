<?php

declare(strict_types=1);

namespace Moss\Core\Attention;

/** What asks for a project manager's attention, the heaviest first. */
enum AttentionKind: string
{
    /** What is approved costs more than the budget. */
    case OverBudget = 'over budget';
    /** The forecast is more than the plan. */
    case OverPlan = 'over plan';
    /** More is entered than was planned, and nobody has said what is left. */
    case NotUpdated = 'not updated';
    /** At the pace of the last four weeks the budget is gone before the work ends. */
    case BudgetGoing = 'budget going';
    /** Somebody said that more is left than was thought. */
    case EstimateRaised = 'estimate raised';
    /** Work that should go on has not been recorded on for two weeks. */
    case NothingLately = 'nothing lately';
    /** People on the project have not submitted last week. */
    case NotSubmitted = 'not submitted';
    /** More is assigned than the task has. */
    case OverAssigned = 'over assigned';

    /** Whether it is still to be looked at once a project is closed. */
    public function outlastsWork(): bool
    {
        return $this === self::OverBudget || $this === self::OverPlan;
    }

    /** From 0 for the heaviest. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
