<?php

declare(strict_types=1);

namespace Moss\Core\Expenses;

/**
 * A gross amount and the tax in it.
 */
final readonly class TaxedAmount
{
    private function __construct(public Amount $gross, public Amount $tax)
    {
    }

    /**
     * @throws NotAnAmount if the tax is more than the whole, or of the other sign
     * @throws MixedCurrencies
     */
    public static function of(Amount $gross, Amount $tax): self
    {
        $net = $gross->minus($tax);
        if ($tax->minor !== 0 && (($tax->minor < 0) !== ($gross->minor < 0) || abs($net->minor) > abs($gross->minor))) {
            throw NotAnAmount::text($tax->toString());
        }
        if (abs($tax->minor) > abs($gross->minor)) {
            throw NotAnAmount::text($tax->toString());
        }

        return new self($gross, $tax);
    }

    public function net(): Amount
    {
        return $this->gross->minus($this->tax);
    }
}
