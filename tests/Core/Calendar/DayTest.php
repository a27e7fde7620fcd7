<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use DateTimeImmutable;
use Eris\Generators;
use Eris\TestTrait;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\NotADay;
use Moss\Core\Calendar\RangeReversed;
use Moss\Core\Calendar\Week;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DayTest extends TestCase
{
    use TestTrait;

    public function test_days_and_weeks_agree_with_the_platforms_calendar(): void
    {
        $this->forAll(Generators::choose(-40_000, 80_000))->then(static function (int $offset): void {
            $expected = (new DateTimeImmutable('1970-01-01'))->modify(sprintf('%+d days', $offset));
            $day = Day::of('1970-01-01')->plusDays($offset);

            self::assertSame($expected->format('Y-m-d'), $day->toString());
            self::assertSame((int) $expected->format('N'), $day->weekday());
            self::assertSame($expected->format('o-\WW'), Week::containing($day)->toString());
            self::assertTrue($day->equals(Day::of($day->toString())));
        });
    }

    #[DataProvider('weeks')]
    public function test_weeks_at_the_turn_of_years(string $week, string $monday, string $sunday): void
    {
        self::assertSame($monday, Week::of($week)->monday()->toString());
        self::assertSame($sunday, Week::of($week)->sunday()->toString());
        self::assertSame($week, Week::containing(Day::of($sunday))->toString());
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function weeks(): iterable
    {
        yield 'an ordinary week' => ['2026-W25', '2026-06-15', '2026-06-21'];
        yield 'week 1 begins in the year before' => ['2026-W01', '2025-12-29', '2026-01-04'];
        yield 'a week 53' => ['2026-W53', '2026-12-28', '2027-01-03'];
        yield 'with a leap day' => ['2028-W09', '2028-02-28', '2028-03-05'];
        yield 'with the change of clocks' => ['2026-W13', '2026-03-23', '2026-03-29'];
    }

    #[DataProvider('noDays')]
    public function test_what_is_no_day_is_refused(string $text): void
    {
        $this->expectException(NotADay::class);
        Day::of($text);
    }

    /** @return iterable<array{string}> */
    public static function noDays(): iterable
    {
        foreach (['', '2026-02-29', '2026-13-01', '2026-6-1', '26-06-01', '2026-06-31', '0000-01-01', '2026-06-01 ', "2026-06-01\n", '01.06.2026'] as $text) {
            yield [$text];
        }
    }

    #[DataProvider('noWeeks')]
    public function test_what_is_no_week_is_refused(string $text): void
    {
        $this->expectException(NotADay::class);
        Week::of($text);
    }

    /** @return iterable<array{string}> */
    public static function noWeeks(): iterable
    {
        foreach (['', '2026-W00', '2025-W53', '2026-W54', '2026-25', '2026-w25', '0000-W01', '2026-W25x'] as $text) {
            yield [$text];
        }
    }

    public function test_a_range_includes_both_ends_and_meets_others(): void
    {
        $range = DayRange::between(Day::of('2026-06-15'), Day::of('2026-06-17'));

        self::assertSame(3, $range->count());
        self::assertCount(3, iterator_to_array($range));
        self::assertTrue($range->includes(Day::of('2026-06-17')));
        self::assertFalse($range->includes(Day::of('2026-06-18')));
        self::assertSame('2026-06-15', $range->upTo(Day::of('2026-06-15'))?->last()->toString());
        self::assertNull($range->upTo(Day::of('2026-06-14')));
        self::assertNull($range->intersectedWith(DayRange::between(Day::of('2026-06-18'), Day::of('2026-06-20'))));
        self::assertSame('2026-06-17', $range->intersectedWith(DayRange::between(Day::of('2026-06-17'), Day::of('2026-06-20')))?->first()->toString());
    }

    public function test_a_reversed_range_is_refused(): void
    {
        $this->expectException(RangeReversed::class);
        DayRange::between(Day::of('2026-06-17'), Day::of('2026-06-16'));
    }
}
