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
     * @param  list<WaitingCorrectionProps>  $corrections  the oldest, oldest first
     * @param  int  $correctionCount  of all that wait and match the search
     * @param  list<WaitingExpensesProps>  $expenses  of all groups, the oldest, oldest first
     * @param  int  $expenseCount  of all that wait and match what is shown and the search
     * @param  int  $expensesNeedingAttention  of those
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
        public int $correctionCount,
        public array $expenses,
        public int $expenseCount,
        public int $expensesNeedingAttention,
        public array $decisions,
        public array $expenseDecisions,
        public array $selfApproved,
        public array $phrases,
    ) {
    }
}
