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
     * @param  int  $planned  minutes, like those below; plain numbers, since there may be thousands of rows
     * @param  int  $plannedToDate  what of them lies on days up to today
     * @param  int  $actual  with pending time in it, where that was asked for
     * @param  int|null  $billable  what of actual is billable; null, like those below, where it is not asked for
     * @param  array<string, int>  $kinds  by kind of pay beyond regular time, where they are asked for
     */
    public function __construct(
        public int $planned,
        public int $plannedToDate,
        public int $actual,
        public int $pending,
        public ?int $billable = null,
        public ?ComparedMoney $money = null,
        public ?ComparedAttendance $attendance = null,
        public ?ComparedCompletion $completion = null,
        public array $kinds = [],
    ) {
    }

    public static function empty(): self
    {
        return new self(0, 0, 0, 0);
    }

    /** What the days of people ask of them. */
    public static function expected(Minutes $minutes, Minutes $toDate): self
    {
        return new self(0, 0, 0, 0, attendance: new ComparedAttendance($minutes, $toDate, Minutes::zero()));
    }

    public static function completion(ComparedCompletion $completion): self
    {
        return new self(0, 0, 0, 0, completion: $completion);
    }

    /** @param  array<string, int>  $kinds  minutes by kind of pay */
    public static function paid(array $kinds): self
    {
        return new self(0, 0, 0, 0, kinds: $kinds);
    }

    /**
     * What many come to: their minutes are added up without a row for each step on the way.
     *
     * @param  iterable<self>  $rows
     */
    public static function sum(iterable $rows): self
    {
        [$planned, $toDate, $actual, $pending, $others] = [0, 0, 0, 0, self::empty()];
        foreach ($rows as $row) {
            if ($row->billable === null && $row->money === null && $row->attendance === null && $row->completion === null && $row->kinds === []) {
                $planned += $row->planned;
                $toDate += $row->plannedToDate;
                $actual += $row->actual;
                $pending += $row->pending;
            } else {
                $others = $others->plus($row);
            }
        }

        return $others->plus(new self($planned, $toDate, $actual, $pending));
    }

    public function plus(self $other): self
    {
        $kinds = $this->kinds;
        foreach ($other->kinds as $kind => $minutes) {
            $kinds[$kind] = ($kinds[$kind] ?? 0) + $minutes;
        }

        return new self(
            $this->planned + $other->planned,
            $this->plannedToDate + $other->plannedToDate,
            $this->actual + $other->actual,
            $this->pending + $other->pending,
            $this->billable === null || $other->billable === null ? $this->billable ?? $other->billable : $this->billable + $other->billable,
            $this->money === null || $other->money === null ? $this->money ?? $other->money : $this->money->plus($other->money),
            $this->attendance === null || $other->attendance === null ? $this->attendance ?? $other->attendance : $this->attendance->plus($other->attendance),
            $this->completion === null || $other->completion === null ? $this->completion ?? $other->completion : $this->completion->plus($other->completion),
            $kinds,
        );
    }

    /** Whether anything of it falls in the period, or remains. */
    public function isOfPeriod(): bool
    {
        return $this->planned !== 0 || $this->actual !== 0 || $this->pending !== 0
            || ! ($this->money === null || $this->money->expenses === null)
            || ! ($this->attendance === null || $this->attendance->expected->isZero())
            || ! ($this->completion === null || $this->completion->remaining->isZero());
    }

    /** Actual less what is planned, in minutes. */
    public function variance(): int
    {
        return $this->actual - $this->planned;
    }

    /** Actual less what is planned to date, in minutes. */
    public function againstToDate(): int
    {
        return $this->actual - $this->plannedToDate;
    }

    /** That difference in percent of what is planned to date; null where that is nothing. */
    public function percentageToDate(): ?BigDecimal
    {
        return Percentage::of(Minutes::of($this->againstToDate()), Minutes::of($this->plannedToDate));
    }

    public function variancePercentage(): ?BigDecimal
    {
        return Percentage::of(Minutes::of($this->variance()), Minutes::of($this->planned));
    }
}
