<?php

declare(strict_types=1);

namespace App\Api\Resources;

use ArrayObject;
use Moss\Core\Sheet\EntryState;

/** Something that a person spent. Amounts are decimals as text, `12.50`. */
final readonly class Expense
{
    /**
     * @param  string  $code  by which files know it
     * @param  string  $project  code
     * @param  string  $task  code within the project
     * @param  string  $date  `2026-06-15`
     * @param  string  $category  code
     * @param  string  $currency  three letters, as in ISO 4217
     * @param  string  $amount  gross, in the currency
     * @param  string  $tax  of it
     * @param  string  $exchangeRate  what a unit of the currency is worth in the organisation's
     * @param  string  $ownAmount  gross, in the organisation's currency
     * @param  string  $cost  what the project bears of it
     * @param  bool  $ownMoney  whether the person paid
     * @param  bool  $charged  whether the client is charged
     * @param  string|null  $distance  kilometres; null unless it is mileage
     * @param  string|null  $corrects  code of the expense that it takes the place of, or takes away
     * @param  bool  $reverses  whether it takes that one away
     * @param  int  $receipts  how many it has
     * @param  ArrayObject<string, string>  $fields  what own fields hold, by their codes
     */
    public function __construct(
        public string $code,
        public string $project,
        public string $task,
        public string $date,
        public string $category,
        public ?string $trip,
        public string $currency,
        public string $amount,
        public string $tax,
        public string $exchangeRate,
        public string $ownAmount,
        public string $cost,
        public bool $ownMoney,
        public bool $charged,
        public ?string $distance,
        public string $note,
        public string $clientNote,
        public EntryState $state,
        public ?string $corrects,
        public bool $reverses,
        public int $receipts,
        public ArrayObject $fields,
        public int $version,
    ) {
    }
}
