<?php

declare(strict_types=1);

namespace App\Features\Projects\Props;

use App\Features\Expenses\Props\ExpenseReceiptProps;
use Moss\Core\Sheet\EntryState;

/** An expense behind a figure, with what the project bears of it as a decimal. */
final readonly class TraceExpenseProps
{
    /** @param  list<ExpenseReceiptProps>  $receipts */
    public function __construct(
        public string $date,
        public string $person,
        public string $task,
        public string $category,
        public string $cost,
        public EntryState $state,
        public array $receipts,
    ) {
    }
}
