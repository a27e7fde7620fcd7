<?php

declare(strict_types=1);

namespace Moss\Core\Expenses;

use Moss\Core\Money\Money;

/**
 * At which rates an amount is taxed: 70 % of a hotel bill at 7 %, 30 % at 19 %. Shares make up the whole.
 *
 * Each part is rounded to the minor unit, halves away from zero, the last is what remains; so is the tax of each part. Tax included in a
 * gross amount g at rate r is g × r ÷ (100 % + r), tax on top of a net amount n is n × r.
 */
final readonly class TaxShares
{
    /** @param  non-empty-list<TaxShare>  $shares */
    private function __construct(public array $shares)
    {
    }

    /**
     * @param  list<TaxShare>  $shares
     *
     * @throws NotAnAmount if they do not make up the whole
     */
    public static function of(array $shares): self
    {
        $sum = array_sum(array_map(static fn (TaxShare $share): int => $share->share, $shares));
        if ($shares === [] || $sum !== TaxShare::WHOLE) {
            throw NotAnAmount::text((string) $sum);
        }

        return new self($shares);
    }

    public static function none(): self
    {
        return new self([new TaxShare(0)]);
    }

    /** How much of a gross amount is tax. */
    public function included(Amount $gross): TaxedAmount
    {
        $tax = 0;
        foreach ($this->parts($gross->minor) as $index => $part) {
            $tax += Money::quotient($part * $this->shares[$index]->rate, TaxShare::WHOLE + $this->shares[$index]->rate);
        }

        return TaxedAmount::of($gross, new Amount($tax, $gross->currency));
    }

    /** How much tax comes on top of a net amount. */
    public function onTop(Amount $net): TaxedAmount
    {
        $tax = 0;
        foreach ($this->parts($net->minor) as $index => $part) {
            $tax += Money::quotient($part * $this->shares[$index]->rate, TaxShare::WHOLE);
        }

        return TaxedAmount::of(new Amount($net->minor + $tax, $net->currency), new Amount($tax, $net->currency));
    }

    /** @return non-empty-list<int> minor units of each share; together the whole amount */
    private function parts(int $minor): array
    {
        $parts = [];
        $rest = $minor;
        foreach (array_slice($this->shares, 0, -1) as $share) {
            $parts[] = Money::quotient($minor * $share->share, TaxShare::WHOLE);
            $rest -= end($parts);
        }

        return [...$parts, $rest];
    }
}
