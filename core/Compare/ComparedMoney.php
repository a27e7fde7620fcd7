<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Moss\Core\Money\Cost;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/** What recorded time costs and what it brings in. */
final readonly class ComparedMoney
{
    /**
     * @param  Cost  $cost  beside it the minutes without a rate
     * @param  Cost  $bill  beside it the billable minutes without a bill rate; time that is not billable brings in nothing
     * @param  Minutes  $hidden  in neither, since the reader may not see what it costs
     */
    public function __construct(public Cost $cost, public Cost $bill, public Minutes $hidden)
    {
    }

    public static function hidden(Minutes $minutes): self
    {
        return new self(Cost::nothing(), Cost::nothing(), $minutes);
    }

    public function plus(self $other): self
    {
        return new self($this->cost->plus($other->cost), $this->bill->plus($other->bill), $this->hidden->plus($other->hidden));
    }

    /** Bill value less cost, of what is known of either. */
    public function margin(): Money
    {
        return $this->bill->known->minus($this->cost->known);
    }
}
