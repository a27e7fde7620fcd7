<?php

declare(strict_types=1);

namespace Moss\Core\Asking;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\NotADay;
use Moss\Core\Calendar\PeriodUnit;
use Moss\Core\Calendar\Week;

/** What words name days by: a day of a month, or a stretch that is numbered within its year. */
enum SpokenUnit
{
    case Day;
    case Week;
    case Month;
    case Quarter;
    case Half;

    /**
     * The days that it is in a year.
     *
     * @param  int  $number  of the week, month, quarter or half within the year; of a day, its month
     * @param  int  $day  of the month; 1 for all but days
     *
     * @throws NotADay where the year has none, such as 29 February or week 53
     */
    public function in(int $year, int $number, int $day): DayRange
    {
        if ($this === self::Week) {
            return Week::of(sprintf('%04d-W%02d', $year, $number))->days();
        }
        $month = match ($this) {
            self::Quarter => 3 * $number - 2,
            self::Half => 6 * $number - 5,
            default => $number,
        };
        $first = Day::of(sprintf('%04d-%02d-%02d', $year, $month, $day));

        return match ($this) {
            self::Day => DayRange::between($first, $first),
            self::Month => PeriodUnit::Month->days($first),
            self::Quarter => PeriodUnit::Quarter->days($first),
            self::Half => DayRange::between($first, PeriodUnit::Month->firstDay($first, 6)->plusDays(-1)),
        };
    }
}
