<?php

declare(strict_types=1);

namespace App\Features\Expenses\Props;

/** A currency that amounts may be in, with the office's rates of the week. */
final readonly class ExpenseCurrencyProps
{
    /** @param  list<DatedRateProps>  $rates  the latest first; none for the organisation's own */
    public function __construct(public string $code, public array $rates)
    {
    }
}
