<?php

declare(strict_types=1);

namespace App\Features\Expenses\Props;

/** What expenses come to in one currency, decimals with a dot: in all, and what of it the person is paid back. */
final readonly class CurrencySumProps
{
    public function __construct(public string $currency, public string $gross, public string $reimbursable)
    {
    }
}
