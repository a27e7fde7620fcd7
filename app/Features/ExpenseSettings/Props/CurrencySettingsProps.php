<?php

declare(strict_types=1);

namespace App\Features\ExpenseSettings\Props;

/** A currency with its rates. */
final readonly class CurrencySettingsProps
{
    /**
     * @param  string  $smallest  the smallest coin, a decimal
     * @param  list<DatedRateProps>  $rates  the latest first
     */
    public function __construct(public int $id, public string $code, public int $places, public string $smallest, public array $rates)
    {
    }
}
