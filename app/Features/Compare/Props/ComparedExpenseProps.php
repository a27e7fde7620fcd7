<?php

declare(strict_types=1);

namespace App\Features\Compare\Props;

use App\Features\Expenses\Props\ExpenseReceiptProps;
use Moss\Core\Sheet\EntryState;

/** An expense behind a figure of a comparison, with what the project bears of it in cents. */
final readonly class ComparedExpenseProps
{
    /** @param  list<ExpenseReceiptProps>  $receipts */
    public function __construct(
        public string $date,
        public string $person,
        public string $project,
        public string $task,
        public string $category,
        public EntryState $state,
        public int $cents,
        public array $receipts,
    ) {
    }
}
