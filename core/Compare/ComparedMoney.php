<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Moss\Core\Money\Cost;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/** What recorded time and expenses cost and what they bring in. */
final readonly class ComparedMoney
{
    /**
     * @param  Cost  $cost  beside it the minutes without a rate
     * @param  Cost  $bill  beside it the billable minutes without a bill rate; time that is not billable brings in nothing
     * @param  Minutes  $hidden  in neither, since the reader may not see what it costs
     * @param  Money|null  $expenses  what of the cost are expenses; null for none
     */
    public function __construct(public Cost $cost, public Cost $bill, public Minutes $hidden, public ?Money $expenses = null)
    {
    }

    /** An expense: it costs what the project bears, and brings in as much where the client is charged. */
    public static function spent(Money $cost, bool $isCharged): self
    {
        return new self(Cost::known($cost), $isCharged ? Cost::known($cost) : Cost::nothing(), Minutes::zero(), $cost);
    }

    public static function hidden(Minutes $minutes): self
    {
        return new self(Cost::nothing(), Cost::nothing(), $minutes);
    }

    public function plus(self $other): self
    {
        return new self($this->cost->plus($other->cost), $this->bill->plus($other->bill), $this->hidden->plus($other->hidden), $this->expenses === null || $other->expenses === null ? $this->expenses ?? $other->expenses : $this->expenses->plus($other->expenses));
    }

    /** Bill value less cost, of what is known of either. */
    public function margin(): Money
    {
        return $this->bill->known->minus($this->cost->known);
    }
}
