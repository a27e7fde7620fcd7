<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Week;
use Moss\Core\Calendar\WeekPart;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WeekPartTest extends TestCase
{
    #[DataProvider('parts')]
    public function test_a_part_is_what_week_and_month_have_in_common(string $day, string $first, string $last): void
    {
        $part = WeekPart::containing(Day::of($day));

        self::assertSame([$first, $last, $first], [$part->days()->first()->toString(), $part->days()->last()->toString(), $part->toString()]);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function parts(): iterable
    {
        yield 'a week within a month' => ['2026-06-17', '2026-06-15', '2026-06-21'];
        yield 'the end of a month' => ['2026-06-30', '2026-06-29', '2026-06-30'];
        yield 'the beginning of the next' => ['2026-07-01', '2026-07-01', '2026-07-05'];
        yield 'a month that begins on a Monday' => ['2026-06-01', '2026-06-01', '2026-06-07'];
        yield 'a month that ends on a Sunday' => ['2026-05-31', '2026-05-25', '2026-05-31'];
        yield 'the turn of a year' => ['2026-12-31', '2026-12-28', '2026-12-31'];
        yield 'the leap day' => ['2028-02-29', '2028-02-28', '2028-02-29'];
        yield 'a month that begins on a Sunday' => ['2026-11-01', '2026-11-01', '2026-11-01'];
    }

    /** @param  list<string>  $firsts */
    #[DataProvider('beginnings')]
    public function test_parts_are_told_that_begin_on_some_days(string $first, string $last, array $firsts): void
    {
        self::assertSame($firsts, WeekPart::beginningIn(DayRange::between(Day::of($first), Day::of($last))));
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function beginnings(): iterable
    {
        yield 'of a month' => ['2026-06-01', '2026-06-30', ['2026-06-01', '2026-06-08', '2026-06-15', '2026-06-22', '2026-06-29']];
        yield 'of days that begin and end within a part' => ['2026-06-28', '2026-07-07', ['2026-06-29', '2026-07-01', '2026-07-06']];
        yield 'of one day that begins one' => ['2026-07-01', '2026-07-01', ['2026-07-01']];
        yield 'of one day that begins none' => ['2026-07-02', '2026-07-02', []];
    }

    public function test_every_day_is_in_one_part_that_lies_in_one_week_and_one_month(): void
    {
        $end = null;
        for ($day = Day::of('2023-12-20'); $day->isBefore(Day::of('2028-03-10')); $day = $day->plusDays(1)) {
            $part = WeekPart::containing($day);
            self::assertTrue($part->days()->includes($day), $day->toString());
            self::assertTrue(Week::containing($part->days()->first())->equals(Week::containing($part->days()->last())), $day->toString());
            self::assertSame($part->days()->first()->month(), $part->days()->last()->month(), $day->toString());
            if ($end !== null && $day->isAfter($end)) {
                self::assertSame($day->toString(), $part->toString());
            }
            $end = $part->days()->last();
        }
    }
}
