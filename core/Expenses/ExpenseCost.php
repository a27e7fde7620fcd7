<?php

declare(strict_types=1);

namespace Moss\Core\Expenses;

use Moss\Core\Money\Money;

/**
 * What an expense comes to in the organisation's currency: gross, which whoever paid gets back, and what the project bears, which is net
 * where the organisation gets the tax back.
 */
final readonly class ExpenseCost
{
    private function __construct(public Money $gross, public Money $cost)
    {
    }

    /** @param  int  $step  the smallest coin of the organisation's currency, in cents */
    public static function of(TaxedAmount $amount, ExchangeRate $rate, bool $reclaimsTax, int $step = 1): self
    {
        $gross = $rate->convert($amount->gross, $step);

        return new self($gross, $reclaimsTax ? $rate->convert($amount->net()) : $gross);
    }
}
