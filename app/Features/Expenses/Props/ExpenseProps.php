<?php

declare(strict_types=1);

namespace App\Features\Expenses\Props;

use Moss\Core\Sheet\EntryState;

/** An expense. Amounts are decimals with a dot. */
final readonly class ExpenseProps
{
    /**
     * @param  string  $gross  in its currency, as is the tax
     * @param  string  $rate  what a unit of the currency is worth in the organisation's
     * @param  string  $ownGross  in the organisation's currency, as is the cost
     * @param  string  $distance  kilometres; empty unless it is mileage
     * @param  string  $trip  empty for none
     * @param  string|null  $waitsFor  who decides next; null unless it waits for a person
     * @param  int|null  $corrects  which expense it takes the place of, or takes away
     * @param  array<string, string>  $fields  what own fields hold, by their codes
     * @param  list<ExpenseReceiptProps>  $receipts
     * @param  list<ExpenseFindingProps>  $findings
     */
    public function __construct(
        public int $id,
        public int $version,
        public string $date,
        public int $task,
        public string $taskName,
        public string $project,
        public string $projectName,
        public string $category,
        public string $categoryName,
        public string $gross,
        public string $tax,
        public string $net,
        public string $currency,
        public string $rate,
        public string $ownGross,
        public string $cost,
        public bool $isOwnMoney,
        public bool $isCharged,
        public string $distance,
        public string $mileageRate,
        public string $from,
        public string $to,
        public string $trip,
        public string $note,
        public string $clientNote,
        public string $explanation,
        public EntryState $state,
        public ?string $waitsFor,
        public string $returnComment,
        public ?int $corrects,
        public bool $reverses,
        public bool $mayCorrect,
        public array $fields,
        public array $receipts,
        public array $findings,
    ) {
    }
}
