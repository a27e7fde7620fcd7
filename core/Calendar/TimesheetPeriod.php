<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

/**
 * What one timesheet covers. Every day lies in exactly one period of each kind; a period is named by its first day.
 */
enum TimesheetPeriod: string
{
    /** The Monday from which periods of two weeks are counted, so that everybody's begin together. */
    private const TWO_WEEKS_FROM = '2024-01-01';

    case Week = 'week';
    case TwoWeeks = 'two_weeks';

    /** The 1st to the 15th, and the 16th to the end of the month. */
    case HalfMonth = 'half_month';
    case Month = 'month';

    /** Whether its periods are whole weeks; else they are parts of months. */
    public function isOfWeeks(): bool
    {
        return $this === self::Week || $this === self::TwoWeeks;
    }

    /** The days of the period in which a day lies. */
    public function containing(Day $day): DayRange
    {
        $month = PeriodUnit::Month->days($day);
        $sixteenth = $month->first()->plusDays(15);

        return match ($this) {
            self::Week => Week::containing($day)->days(),
            self::TwoWeeks => self::twoWeeks($day),
            self::HalfMonth => $day->isBefore($sixteenth)
                ? DayRange::between($month->first(), $sixteenth->plusDays(-1))
                : DayRange::between($sixteenth, $month->last()),
            self::Month => $month,
        };
    }

    /** The period so many after the one in which a day lies; before it where that is negative. */
    public function shifted(Day $day, int $periods): DayRange
    {
        $days = $this->containing($day);
        for (; $periods > 0; $periods--) {
            $days = $this->containing($days->last()->plusDays(1));
        }
        for (; $periods < 0; $periods++) {
            $days = $this->containing($days->first()->plusDays(-1));
        }

        return $days;
    }

    /**
     * The days of a period by week: what is submitted and approved for each of the weeks it touches.
     *
     * @return array<string, DayRange> by week, `2026-W25`, in order; together the days of the period
     */
    public static function byWeek(DayRange $period): array
    {
        $parts = [];
        for ($first = $period->first(); ! $first->isAfter($period->last()); $first = $last->plusDays(1)) {
            $week = Week::containing($first);
            $last = Day::earlier($week->sunday(), $period->last());
            $parts[$week->toString()] = DayRange::between($first, $last);
        }

        return $parts;
    }

    private static function twoWeeks(Day $day): DayRange
    {
        $monday = Week::containing($day)->monday();
        $weeks = intdiv(Day::of(self::TWO_WEEKS_FROM)->daysUntil($monday), 7);
        $first = $weeks % 2 === 0 ? $monday : $monday->plusDays(-7);

        return DayRange::between($first, $first->plusDays(13));
    }
}
