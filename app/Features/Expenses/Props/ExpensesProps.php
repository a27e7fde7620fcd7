<?php

declare(strict_types=1);

namespace App\Features\Expenses\Props;

use App\Features\Receipts\Props\WaitingReceiptProps;
use App\Models\ReceiptReminder;
use App\OwnFields\Props\OwnFieldProps;

/** The expenses of a person's week. */
final readonly class ExpensesProps
{
    /**
     * @param  list<string>  $days  Monday to Sunday
     * @param  string  $day  on which a new expense lies at first
     * @param  list<ExpenseProps>  $expenses  by day
     * @param  list<WaitingReceiptProps>  $receipts  that wait for an expense
     * @param  list<ExpenseCategoryProps>  $categories
     * @param  list<ExpenseCurrencyProps>  $currencies  the organisation's own first
     * @param  list<ExpenseTaskProps>  $tasks
     * @param  list<OwnFieldProps>  $fields  that expenses may have; tasks say which
     * @param  list<string>  $trips  the latest first
     * @param  int  $counting  how many are in the sums, each corrected one once
     * @param  list<CurrencySumProps>  $sums  by currency
     * @param  list<TripSumProps>  $tripSums  of trips that expenses of the week belong to, by their first day
     * @param  string  $cost  what projects bear of it, in the organisation's currency
     * @param  int  $open  how many are not submitted
     * @param  int  $waiting  how many wait, and can be taken back
     * @param  list<OtherWeekProps>  $elsewhere
     */
    public function __construct(
        public string $person,
        public string $personName,
        public string $week,
        public int $number,
        public string $previous,
        public string $next,
        public array $days,
        public string $day,
        public bool $isOwn,
        public bool $mayRecord,
        public bool $maySubmit,
        public array $expenses,
        public array $receipts,
        public ReceiptReminder $receiptReminder,
        public array $categories,
        public array $currencies,
        public array $tasks,
        public array $fields,
        public array $trips,
        public int $counting,
        public array $sums,
        public array $tripSums,
        public string $cost,
        public int $open,
        public int $waiting,
        public array $elsewhere,
    ) {
    }
}
