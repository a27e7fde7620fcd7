<?php

declare(strict_types=1);

namespace App\Features\ExpenseSettings\Props;

/** A rate of tax and the share of the amount that it holds for, both in percent. */
final readonly class TaxShareProps
{
    public function __construct(public string $rate, public string $share)
    {
    }
}
