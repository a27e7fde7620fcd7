<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\PeriodUnit;
use Moss\Core\Calendar\RollingPeriod;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RollingPeriodTest extends TestCase
{
    #[DataProvider('periods')]
    public function test_a_period_moves_with_today(string $period, string $today, string $first, string $last): void
    {
        $days = RollingPeriod::read($period)?->on(Day::of($today));

        self::assertSame([$first, $last], [$days?->first()->toString(), $days?->last()->toString()]);
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function periods(): iterable
    {
        yield 'this week, on its Sunday' => ['this-week', '2026-06-21', '2026-06-15', '2026-06-21'];
        yield 'last week, over the turn of a year' => ['last-week', '2026-01-01', '2025-12-22', '2025-12-28'];
        yield 'next two weeks' => ['next-2-weeks', '2026-06-17', '2026-06-22', '2026-07-05'];
        yield 'this month, a leap February' => ['this-month', '2028-02-10', '2028-02-01', '2028-02-29'];
        yield 'last month, in January' => ['last-month', '2026-01-31', '2025-12-01', '2025-12-31'];
        yield 'last 14 months' => ['last-14-months', '2026-06-17', '2025-04-01', '2026-05-31'];
        yield 'this quarter' => ['this-quarter', '2026-06-17', '2026-04-01', '2026-06-30'];
        yield 'next quarter, in the fourth' => ['next-quarter', '2026-11-29', '2027-01-01', '2027-03-31'];
        yield 'last two quarters' => ['last-2-quarters', '2026-02-01', '2025-07-01', '2025-12-31'];
        yield 'this year' => ['this-year', '2026-12-31', '2026-01-01', '2026-12-31'];
        yield 'last three years' => ['last-3-years', '2026-01-01', '2023-01-01', '2025-12-31'];
    }

    #[DataProvider('others')]
    public function test_anything_else_is_no_such_period(string $text): void
    {
        self::assertNull(RollingPeriod::read($text));
    }

    /** @return iterable<array{string}> */
    public static function others(): iterable
    {
        foreach (['', 'this', 'month', 'this-2-weeks', 'last-3-month', 'last-months', 'last-0-weeks', 'last-61-weeks', 'last-100-days', 'This-month', "this-month\n", 'next--1-weeks'] as $text) {
            yield [$text];
        }
    }

    public function test_units_follow_each_other_without_a_gap(): void
    {
        foreach (PeriodUnit::cases() as $unit) {
            for ($day = Day::of('2023-11-20'); $day->isBefore(Day::of('2028-03-10')); $day = $day->plusDays(1)) {
                $first = $unit->firstDay($day);
                $next = $unit->firstDay($day, 1);
                self::assertFalse($first->isAfter($day));
                self::assertTrue($next->isAfter($day));
                self::assertTrue($unit->firstDay($next, -1)->equals($first));
                self::assertTrue($unit->firstDay($next->plusDays(-1))->equals($first));
            }
        }
    }
}
