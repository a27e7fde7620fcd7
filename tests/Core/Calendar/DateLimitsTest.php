<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use Moss\Core\Calendar\DateLimits;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DateLimitsTest extends TestCase
{
    #[DataProvider('days')]
    public function test_work_lies_from_2000_to_the_end_of_the_tenth_year_ahead(string $day, bool $isIncluded): void
    {
        self::assertSame($isIncluded, DateLimits::on(Day::of('2026-06-17'))->includes(Day::of($day)));
    }

    /** @return iterable<string, array{string, bool}> */
    public static function days(): iterable
    {
        yield 'the first' => ['2000-01-01', true];
        yield 'the day before' => ['1999-12-31', false];
        yield 'the last' => ['2036-12-31', true];
        yield 'the day after' => ['2037-01-01', false];
    }

    #[DataProvider('plans')]
    public function test_a_plan_is_at_most_five_years_long(string $first, string $last, bool $isAllowed): void
    {
        $plan = DayRange::between(Day::of($first), Day::of($last));

        self::assertSame($isAllowed, DateLimits::on(Day::of('2026-06-17'))->allowsPlan($plan));
    }

    /** @return iterable<string, array{string, string, bool}> */
    public static function plans(): iterable
    {
        yield 'a day' => ['2026-06-17', '2026-06-17', true];
        yield 'five calendar years with two leap days' => ['2024-01-01', '2028-12-31', true];
        yield 'the longest' => ['2026-01-01', '2031-01-04', true];
        yield 'a day more' => ['2026-01-01', '2031-01-05', false];
        yield 'beyond the last day' => ['2036-12-01', '2037-01-01', false];
        yield 'before the first' => ['1999-12-31', '2000-01-01', false];
    }

    public function test_a_clock_that_stands_before_2000_leaves_its_first_year(): void
    {
        self::assertTrue(DateLimits::on(Day::of('1970-01-01'))->includes(Day::of('2000-12-31')));
    }
}
