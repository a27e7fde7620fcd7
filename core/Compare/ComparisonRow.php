<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Brick\Math\BigDecimal;
use Moss\Core\Effort\Percentage;
use Moss\Core\Time\Minutes;

/**
 * Planned against actual of one group in a period.
 */
final readonly class ComparisonRow
{
    /** @param  Minutes  $actual  with pending time in it, where that was asked for */
    public function __construct(
        public Minutes $planned,
        public Minutes $plannedToDate,
        public Minutes $actual,
        public Minutes $pending,
    ) {
    }

    public static function empty(): self
    {
        return new self(Minutes::zero(), Minutes::zero(), Minutes::zero(), Minutes::zero());
    }

    public function plus(self $other): self
    {
        return new self(
            $this->planned->plus($other->planned),
            $this->plannedToDate->plus($other->plannedToDate),
            $this->actual->plus($other->actual),
            $this->pending->plus($other->pending),
        );
    }

    public function variance(): Minutes
    {
        return $this->actual->minus($this->planned);
    }

    /** Actual less what is planned to date. */
    public function againstToDate(): Minutes
    {
        return $this->actual->minus($this->plannedToDate);
    }

    /** That difference in percent of what is planned to date; null where that is nothing. */
    public function percentageToDate(): ?BigDecimal
    {
        return Percentage::of($this->againstToDate(), $this->plannedToDate);
    }

    public function variancePercentage(): ?BigDecimal
    {
        return Percentage::of($this->variance(), $this->planned);
    }
}
