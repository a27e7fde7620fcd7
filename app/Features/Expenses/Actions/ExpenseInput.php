<?php

declare(strict_types=1);

namespace App\Features\Expenses\Actions;

use Moss\Core\Calendar\Day;

/** An expense as it is entered; amounts, rates and distances are as they were typed. */
final readonly class ExpenseInput
{
    /**
     * @param  string  $tax  empty where it follows from the category
     * @param  bool  $isNet  whether tax comes on top of the amount
     * @param  string  $rate  of exchange; empty for the office's
     * @param  string  $trip  empty for none
     * @param  list<int>  $receipts  all that it has afterwards
     * @param  array<string, string>  $fields  own fields by code
     */
    public function __construct(
        public Day $day,
        public int $task,
        public string $category,
        public string $amount,
        public string $tax,
        public bool $isNet,
        public string $currency,
        public string $rate,
        public string $distance,
        public string $from,
        public string $to,
        public string $trip,
        public bool $isOwnMoney,
        public bool $isCharged,
        public string $note,
        public string $clientNote,
        public string $explanation,
        public array $receipts,
        public ?int $version,
        public array $fields = [],
    ) {
    }
}
