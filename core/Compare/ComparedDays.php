<?php

declare(strict_types=1);

namespace Moss\Core\Compare;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\PeriodUnit;
use Moss\Core\Calendar\WeekPart;

/**
 * The days of a period, as they are read from sums by week part: parts that lie whole within the period and on one side of
 * today come summed up; days of a part that the period or today cuts through are looked at one by one. What was recorded does
 * not depend on today, so that only the period cuts through it. Months that lie whole within the period come summed up too, but for what
 * is planned to date in the month of today.
 */
final readonly class ComparedDays
{
    /**
     * @param  Day|null  $today  null where nothing depends on it
     * @param  list<DayRange>  $cut  days of parts that are cut through, in order
     */
    private function __construct(public DayRange $period, public ?Day $today, public array $cut)
    {
    }

    /** For what is planned, of which some is planned to date. */
    public static function planned(DayRange $period, Day $today): self
    {
        return self::of($period, $today);
    }

    public static function recorded(DayRange $period): self
    {
        return self::of($period, null);
    }

    private static function of(DayRange $period, ?Day $today): self
    {
        $cut = [];
        foreach (array_filter([$period->first(), $period->last(), $today]) as $day) {
            $part = WeekPart::containing($day)->days();
            $inside = $part->intersectedWith($period);
            $isWhole = $inside !== null && $inside->count() === $part->count();
            $isOnOneSide = self::liesOnOneSide($today, $part);
            if ($inside !== null && (! $isWhole || ! $isOnOneSide)) {
                $cut[$inside->first()->toString()] = $inside;
            }
        }
        ksort($cut, SORT_STRING);

        return new self($period, $today, array_values($cut));
    }

    /** @return list<Day> first days of the months that lie whole within the period */
    public function months(): array
    {
        $months = [];
        for ($first = PeriodUnit::Month->firstDay($this->period->first()->plusDays(-1), 1); ! $first->isAfter($this->period->last()); $first = $last->plusDays(1)) {
            $last = PeriodUnit::Month->days($first)->last();
            if (! $last->isAfter($this->period->last())) {
                $months[] = $first;
            }
        }

        return $months;
    }

    /** The days up to today of the one of those months through which today cuts, of which only week parts tell what is planned to date. */
    public function monthToDate(): ?DayRange
    {
        if ($this->today === null) {
            return null;
        }
        $month = PeriodUnit::Month->days($this->today);
        $isWhole = $month->intersectedWith($this->period)?->count() === $month->count();

        return $isWhole && ! self::liesOnOneSide($this->today, $month) ? $month->upTo($this->today) : null;
    }

    /** @return list<DayRange> the days of the period that lie in none of those months, in order */
    public function besideMonths(): array
    {
        $ranges = [];
        $first = $this->period->first();
        foreach ($this->months() as $month) {
            if ($first->isBefore($month)) {
                $ranges[] = DayRange::between($first, $month->plusDays(-1));
            }
            $first = PeriodUnit::Month->days($month)->last()->plusDays(1);
        }

        return $first->isAfter($this->period->last()) ? $ranges : [...$ranges, DayRange::between($first, $this->period->last())];
    }

    /** Whether what is planned on the day is planned to date. */
    public function isToDate(Day $day): bool
    {
        return ! $day->isAfter($this->toDate());
    }

    /** The last day of what is planned to date; all of the period is where nothing depends on today. */
    public function toDate(): Day
    {
        return $this->today ?? $this->period->last();
    }

    private static function liesOnOneSide(?Day $today, DayRange $days): bool
    {
        return $today === null || $today->isBefore($days->first()) || ! $today->isBefore($days->last());
    }
}
