<?php

declare(strict_types=1);

namespace App\Features\Review\Props;

use App\Features\Expenses\Props\ExpenseProps;

/** Expenses of a person's week that wait for the reader. */
final readonly class WaitingExpensesProps
{
    /**
     * @param  string  $key  person and week
     * @param  string  $currency  the organisation's
     * @param  list<ExpenseProps>  $expenses  by day
     * @param  list<ProjectExpensesProps>  $projects  what each project bears of them
     */
    public function __construct(
        public string $key,
        public string $person,
        public string $personName,
        public string $week,
        public int $number,
        public string $currency,
        public array $expenses,
        public array $projects,
    ) {
    }
}
