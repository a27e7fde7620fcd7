<?php

declare(strict_types=1);

namespace Demo;

use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Holiday;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Calendar\Week;
use Moss\Core\Calendar\WorkPattern;
use Moss\Core\Time\Minutes;

/**
 * The weeks of the scenario, counted from the one that today is in, and the entered and expected hours of people's days.
 */
final readonly class Timeline
{
    /** The first week with history, and the last with plans. */
    public const FIRST = -26;

    public const LAST = 14;

    /** Week, weekday (1 is Monday), name, part of the day. */
    public const HOLIDAYS = [
        [-21, 1, 'Candle Monday', '1'],
        [-12, 5, 'Well-dressing', '1'],
        [-5, 1, 'Lamplighters\' Day', '1'],
        [0, 5, 'Founders\' afternoon', '0.5'],
        [4, 1, 'Ebb Monday', '1'],
        [9, 4, 'Longest tide', '1'],
    ];

    public const PATTERN = '8 8 8 8 8 0 0';

    private Week $week;

    private HolidayCalendar $calendar;

    public function __construct(public Day $today)
    {
        $this->week = Week::containing($today);
        $this->calendar = HolidayCalendar::of(array_map(
            fn (array $holiday): Holiday => Holiday::on($this->day($holiday[0], $holiday[1]), $holiday[2], $holiday[3]),
            self::HOLIDAYS,
        ));
    }

    public function day(int $week, int $weekday): Day
    {
        return $this->week->plusWeeks($week)->monday()->plusDays($weekday - 1);
    }

    /** The working days of so many weeks, Monday of the first to Friday of the last. */
    public function weeks(int $first, int $last): DayRange
    {
        return DayRange::between($this->day($first, 1), $this->day($last, 5));
    }

    /** The week that a day is in, counted from this one. */
    public function weekOf(Day $day): int
    {
        return intdiv($this->week->monday()->daysUntil(Week::containing($day)->monday()), 7);
    }

    public function capacity(string $person): Capacity
    {
        $pattern = Cast::PEOPLE[$person][5];

        return new Capacity(WorkPattern::of($pattern === '' ? self::PATTERN : $pattern), $this->calendar);
    }

    /** How many of the days hold any work for the person. */
    public function workingDays(string $person, DayRange $days): int
    {
        $capacity = $this->capacity($person);
        $count = 0;
        foreach ($days as $day) {
            $count += $capacity->on($day)->isMoreThan(Minutes::zero()) ? 1 : 0;
        }

        return $count;
    }
}
