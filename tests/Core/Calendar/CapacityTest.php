<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Holiday;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Calendar\WorkPattern;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class CapacityTest extends TestCase
{
    public function test_many_days_hold_what_each_of_them_holds(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $holidays = HolidayCalendar::of([Holiday::on(Day::of('2027-12-31'), 'Eve', '0.5'), Holiday::on(Day::of('2028-02-29'), 'Leap', '1'), Holiday::on(Day::of('2028-01-01'), 'New year', '1')]);
        foreach (['8 8 8 8 8 0 0', '0 0 0 0 0 0 0', '4 0 8:20 0 2.5 6 1'] as $pattern) {
            $capacity = new Capacity(WorkPattern::of($pattern), $holidays);
            for ($time = 0; $time < 60; $time++) {
                $first = Day::of('2027-11-20')->plusDays($random->getInt(0, 80));
                $days = DayRange::between($first, $first->plusDays($random->getInt(0, 90)));
                $each = [];
                foreach ($days as $day) {
                    $each[$day->toString()] = $capacity->on($day)->toInt();
                }
                self::assertSame(array_filter($each), $capacity->over($days));
                self::assertSame(array_keys($each), array_keys($days->weekdays()));
            }
        }
    }
}
