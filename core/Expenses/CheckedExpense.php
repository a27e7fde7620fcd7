<?php

declare(strict_types=1);

namespace Moss\Core\Expenses;

use Moss\Core\Calendar\Day;
use Moss\Core\Money\Money;

/**
 * An expense as the house rules look at it.
 */
final readonly class CheckedExpense
{
    /**
     * @param  Money  $cost  the gross amount in the organisation's currency
     * @param  string  $amount  the gross amount and its currency, to find what was entered twice
     * @param  list<string>  $receipts  what tells the contents of its receipts from others
     * @param  Money|null  $limit  of its category; null for none
     * @param  bool  $isInQuestion  whether it is open or going to be submitted; others are only looked at beside it
     * @param  list<string>  $missingFields  names of required own fields that hold nothing
     */
    public function __construct(
        public int $id,
        public string $person,
        public Day $day,
        public string $project,
        public string $category,
        public Money $cost,
        public string $amount,
        public array $receipts,
        public bool $isMileage,
        public ?Money $limit,
        public LimitPer $limitPer,
        public ?int $corrects,
        public bool $isInQuestion,
        public array $missingFields = [],
    ) {
    }
}
