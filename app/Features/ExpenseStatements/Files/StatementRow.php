<?php

declare(strict_types=1);

namespace App\Features\ExpenseStatements\Files;

use Moss\Core\Calendar\Day;

/** A line of a statement. Amounts are in minor units of their currency, and in cents of the organisation's. */
final readonly class StatementRow
{
    public function __construct(
        public int $expenseId,
        public string $expense,
        public string $person,
        public string $personName,
        public Day $date,
        public string $projectName,
        public string $taskName,
        public string $category,
        public ?string $trip,
        public ?int $currencyId,
        public int $grossMinor,
        public int $taxMinor,
        public string $exchangeRate,
        public int $amountCents,
        public string $clientNote,
    ) {
    }
}
