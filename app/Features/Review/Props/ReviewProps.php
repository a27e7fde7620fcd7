<?php

declare(strict_types=1);

namespace App\Features\Review\Props;

use App\Features\Review\Queries\DeskGrouping;
use App\Features\Review\Queries\WaitingFilter;

/** The review desk. */
final readonly class ReviewProps
{
    /**
     * @param  list<GroupProps>  $groups  of the page
     * @param  int  $groupCount  of all pages
     * @param  string|null  $open  key of the group that is open; null where nothing waits
     * @param  list<WaitingSheetProps>  $sheets  of the open group, of the page
     * @param  list<WaitingCorrectionProps>  $corrections  oldest first
     * @param  list<WaitingExpensesProps>  $expenses  of all groups, the oldest first
     * @param  list<DecisionProps>  $decisions  the person's own of today, the newest first
     * @param  list<ExpenseDecisionProps>  $expenseDecisions  likewise on expenses
     * @param  list<SelfApprovedProps>  $selfApproved  what approved itself in the last days
     * @param  list<string>  $phrases  saved for returning
     */
    public function __construct(
        public DeskGrouping $by,
        public WaitingFilter $show,
        public string $search,
        public SumProps $sum,
        public array $groups,
        public int $groupCount,
        public int $page,
        public int $groupsAtOnce,
        public ?string $open,
        public ?SumProps $opened,
        public array $sheets,
        public int $sheetCount,
        public int $sheetPage,
        public int $sheetsAtOnce,
        public array $corrections,
        public array $expenses,
        public array $decisions,
        public array $expenseDecisions,
        public array $selfApproved,
        public array $phrases,
    ) {
    }
}
