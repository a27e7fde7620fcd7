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
    /**
     * @param  Minutes  $actual  with pending time in it, where that was asked for
     * @param  array<string, int>  $kinds  minutes by kind of pay beyond regular time, where they are asked for
     * @param  Minutes|null  $billable  what of actual is billable; null, like those below, where it is not asked for
     */
    public function __construct(
        public Minutes $planned,
        public Minutes $plannedToDate,
        public Minutes $actual,
        public Minutes $pending,
        public ?Minutes $billable = null,
        public ?ComparedMoney $money = null,
        public ?ComparedAttendance $attendance = null,
        public ?ComparedCompletion $completion = null,
        public array $kinds = [],
    ) {
    }

    public static function empty(): self
    {
        return new self(Minutes::zero(), Minutes::zero(), Minutes::zero(), Minutes::zero());
    }

    /** What the days of people ask of them. */
    public static function expected(Minutes $minutes, Minutes $toDate): self
    {
        return new self(Minutes::zero(), Minutes::zero(), Minutes::zero(), Minutes::zero(), attendance: new ComparedAttendance($minutes, $toDate, Minutes::zero()));
    }

    public static function completion(ComparedCompletion $completion): self
    {
        return new self(Minutes::zero(), Minutes::zero(), Minutes::zero(), Minutes::zero(), completion: $completion);
    }

    /** @param  array<string, int>  $kinds  minutes by kind of pay */
    public static function paid(array $kinds): self
    {
        return new self(Minutes::zero(), Minutes::zero(), Minutes::zero(), Minutes::zero(), kinds: $kinds);
    }

    public function plus(self $other): self
    {
        $kinds = $this->kinds;
        foreach ($other->kinds as $kind => $minutes) {
            $kinds[$kind] = ($kinds[$kind] ?? 0) + $minutes;
        }

        return new self(
            $this->planned->plus($other->planned),
            $this->plannedToDate->plus($other->plannedToDate),
            $this->actual->plus($other->actual),
            $this->pending->plus($other->pending),
            $this->billable === null || $other->billable === null ? $this->billable ?? $other->billable : $this->billable->plus($other->billable),
            $this->money === null || $other->money === null ? $this->money ?? $other->money : $this->money->plus($other->money),
            $this->attendance === null || $other->attendance === null ? $this->attendance ?? $other->attendance : $this->attendance->plus($other->attendance),
            $this->completion === null || $other->completion === null ? $this->completion ?? $other->completion : $this->completion->plus($other->completion),
            $kinds,
        );
    }

    /** Whether anything of it falls in the period, or remains. */
    public function isOfPeriod(): bool
    {
        return ! $this->planned->isZero() || ! $this->actual->isZero() || ! $this->pending->isZero()
            || ! ($this->money === null || $this->money->expenses === null)
            || ! ($this->attendance === null || $this->attendance->expected->isZero())
            || ! ($this->completion === null || $this->completion->remaining->isZero());
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
