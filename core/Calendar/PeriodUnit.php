<?php

declare(strict_types=1);

namespace Moss\Core\Calendar;

/** What periods are counted in. Weeks begin on Monday, quarters in January, April, July and October. */
enum PeriodUnit: string
{
    case Week = 'week';
    case Month = 'month';
    case Quarter = 'quarter';
    case Year = 'year';

    /** The first day of the unit so many units after the one in which a day lies; before it where that is negative. */
    public function firstDay(Day $day, int $after = 0): Day
    {
        if ($this === self::Week) {
            return $day->plusDays(1 - $day->weekday() + 7 * $after);
        }
        $months = match ($this) {
            self::Month => 1,
            self::Quarter => 3,
            self::Year => 12,
        };
        $month = $day->year() * 12 + (int) substr($day->month(), 5) - 1;
        $first = (intdiv($month, $months) + $after) * $months;

        return Day::of(sprintf('%04d-%02d-01', intdiv($first, 12), $first % 12 + 1));
    }

    /** The days of the unit in which a day lies. */
    public function days(Day $day): DayRange
    {
        return DayRange::between($this->firstDay($day), $this->firstDay($day, 1)->plusDays(-1));
    }
}
