<?php

declare(strict_types=1);

namespace Moss\Core\Expenses;

use Brick\Math\BigDecimal;

/**
 * An amount in whole minor units of its currency; negative in reversals.
 */
final readonly class Amount
{
    public function __construct(public int $minor, public Currency $currency)
    {
    }

    /** @throws MixedCurrencies */
    public function plus(self $other): self
    {
        if (! $this->currency->equals($other->currency)) {
            throw MixedCurrencies::of($this->currency, $other->currency);
        }

        return new self($this->minor + $other->minor, $this->currency);
    }

    /** @throws MixedCurrencies */
    public function minus(self $other): self
    {
        return $this->plus($other->negated());
    }

    public function negated(): self
    {
        return new self(-$this->minor, $this->currency);
    }

    public function toDecimal(): BigDecimal
    {
        return BigDecimal::ofUnscaledValue($this->minor, $this->currency->places);
    }

    /** As many places as the currency has, a dot, no grouping: `-12.30`. */
    public function toString(): string
    {
        return (string) $this->toDecimal();
    }
}
