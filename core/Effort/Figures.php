<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Brick\Math\BigDecimal;
use Moss\Core\Money\Cost;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/**
 * The figures at completion of an assignee, task, phase or project. Figures of parts add up to those of the whole.
 */
final readonly class Figures
{
    /**
     * @param  Cost  $forecastCost  cost of what is entered and of what remains
     * @param  Money|null  $budget  null where there is none, or where the level has none
     */
    public function __construct(
        public Minutes $planned,
        public Minutes $actual,
        public Minutes $pending,
        public Minutes $remaining,
        public Cost $plannedCost,
        public Cost $actualCost,
        public Cost $enteredCost,
        public Cost $forecastCost,
        public ?Money $budget,
        public EarnedValue $earnedValue,
    ) {
    }

    public static function zero(): self
    {
        $minutes = Minutes::zero();
        $cost = Cost::nothing();

        return new self($minutes, $minutes, $minutes, $minutes, $cost, $cost, $cost, $cost, null, EarnedValue::zero());
    }

    public function plus(self $other): self
    {
        return new self(
            $this->planned->plus($other->planned),
            $this->actual->plus($other->actual),
            $this->pending->plus($other->pending),
            $this->remaining->plus($other->remaining),
            $this->plannedCost->plus($other->plannedCost),
            $this->actualCost->plus($other->actualCost),
            $this->enteredCost->plus($other->enteredCost),
            $this->forecastCost->plus($other->forecastCost),
            $this->budget === null || $other->budget === null ? $this->budget ?? $other->budget : $this->budget->plus($other->budget),
            $this->earnedValue->plus($other->earnedValue),
        );
    }

    /** The same figures against a plan and budget of the whole, which may differ from the sum of its parts. */
    public function against(Minutes $planned, ?Money $budget): self
    {
        return new self(
            $planned,
            $this->actual,
            $this->pending,
            $this->remaining,
            $this->plannedCost,
            $this->actualCost,
            $this->enteredCost,
            $this->forecastCost,
            $budget,
            $this->earnedValue,
        );
    }

    /** The same with what was spent besides time, which counts as cost as soon as it is approved, and in the forecast as soon as it is entered. */
    public function withSpent(SpentMoney $spent): self
    {
        $actual = Cost::known($spent->actual);
        $entered = $actual->plus(Cost::known($spent->pending));

        return new self(
            $this->planned,
            $this->actual,
            $this->pending,
            $this->remaining,
            $this->plannedCost,
            $this->actualCost->plus($actual),
            $this->enteredCost->plus($entered),
            $this->forecastCost->plus($entered),
            $this->budget,
            $this->earnedValue,
        );
    }

    public function entered(): Minutes
    {
        return $this->actual->plus($this->pending);
    }

    public function forecast(): Minutes
    {
        return $this->entered()->plus($this->remaining);
    }

    public function variance(): Minutes
    {
        return $this->forecast()->minus($this->planned);
    }

    public function variancePercentage(): ?BigDecimal
    {
        return Percentage::of($this->variance(), $this->planned);
    }

    public function budgetLeft(): ?Money
    {
        return $this->budget?->minus($this->actualCost->known);
    }
}
