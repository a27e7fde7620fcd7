<?php

declare(strict_types=1);

namespace App\Features\ExpenseStatements\Props;

/** What somebody is to be paid back in a currency, or a client is charged on a project; decimals with a dot. */
final readonly class OutstandingProps
{
    /** @param  string  $own  in the organisation's currency */
    public function __construct(public string $name, public string $currency, public string $amount, public string $own, public int $expenses)
    {
    }
}
