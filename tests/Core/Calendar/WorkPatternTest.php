<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Calendar\NotAWorkPattern;
use Moss\Core\Calendar\WorkPattern;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A pattern that changes from a day on. */
final class WorkPatternTest extends TestCase
{
    private const CHANGING = '8 8 8 8 8 0 0 from 2026-06-17 4 4 4 4 0 0 0 from 2026-06-20 0 0 0 0 0 6 0';

    public function test_each_holds_from_its_day_on(): void
    {
        $pattern = WorkPattern::of(self::CHANGING);
        $held = static fn (string $day): int => $pattern->on(Day::of($day))->toInt();

        self::assertSame([480, 480, 240, 240, 0, 360, 0, 0], array_map($held, ['2026-06-15', '2026-06-16', '2026-06-17', '2026-06-18', '2026-06-19', '2026-06-20', '2026-06-21', '2026-06-22']));
        self::assertSame(self::CHANGING, $pattern->toString());
        self::assertSame(['8 8 8 8 8 0 0', '4 4 4 4 0 0 0', '0 0 0 0 0 6 0'], array_map(static fn (string $day): string => $pattern->heldOn(Day::of($day))->toString(), ['2026-06-16', '2026-06-17', '2030-01-01']));
        self::assertSame(['', '2026-06-17', '2026-06-20'], array_keys($pattern->byFirstDay()));
    }

    public function test_capacity_over_days_is_that_of_each_day(): void
    {
        $capacity = new Capacity(WorkPattern::of(self::CHANGING), HolidayCalendar::empty());
        foreach ([['2026-06-10', '2026-06-30'], ['2026-06-18', '2026-06-19'], ['2026-06-20', '2026-06-27'], ['2026-06-17', '2026-06-17']] as [$first, $last]) {
            $days = DayRange::between(Day::of($first), Day::of($last));
            $each = [];
            foreach ($days as $day) {
                $each[$day->toString()] = $capacity->on($day)->toInt();
            }
            self::assertSame(array_filter($each), $capacity->over($days));
        }
    }

    #[TestWith(['2026-06-18', '8 8 8 8 8 0 0 from 2026-06-17 4 4 4 4 0 0 0 from 2026-06-18 1 1 1 1 1 0 0'])]
    #[TestWith(['2026-06-20', '8 8 8 8 8 0 0 from 2026-06-17 4 4 4 4 0 0 0 from 2026-06-20 1 1 1 1 1 0 0'])]
    #[TestWith(['2026-06-17', '8 8 8 8 8 0 0 from 2026-06-17 1 1 1 1 1 0 0'])]
    #[TestWith(['2026-01-01', '8 8 8 8 8 0 0 from 2026-01-01 1 1 1 1 1 0 0'])]
    #[TestWith(['2027-01-01', self::CHANGING.' from 2027-01-01 1 1 1 1 1 0 0'])]
    public function test_another_from_a_day_on_keeps_what_was_before(string $day, string $expected): void
    {
        self::assertSame($expected, WorkPattern::of(self::CHANGING)->from(Day::of($day), WorkPattern::of('1 1 1 1 1 0 0'))->toString());
    }

    #[TestWith(['8 8 8 8 8 0 0 from'])]
    #[TestWith(['8 8 8 8 8 0 0 from 2026-06-17'])]
    #[TestWith(['from 2026-06-17 8 8 8 8 8 0 0'])]
    #[TestWith(['8 8 8 8 8 0 0 from 2026-13-17 8 8 8 8 8 0 0'])]
    #[TestWith(['8 8 8 8 8 0 0 from 2026-06-17 8 8 8 8 8 0 0 from 2026-06-17 8 8 8 8 8 0 0'])]
    #[TestWith(['8 8 8 8 8 0 0 from 2026-06-17 8 8 8 8 8 0 0 from 2026-06-01 8 8 8 8 8 0 0'])]
    #[TestWith([''])]
    public function test_what_is_no_pattern_is_refused(string $text): void
    {
        $this->expectException(NotAWorkPattern::class);
        WorkPattern::of($text);
    }
}
