<?php

declare(strict_types=1);

namespace Tests\Core\Compare;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\WeekPart;
use Moss\Core\Compare\ComparedDays;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class ComparedDaysTest extends TestCase
{
    /**
     * @param  list<string>  $cut
     */
    #[DataProvider('periods')]
    public function test_days_are_looked_at_one_by_one_only_where_a_part_is_cut(string $first, string $last, string $today, array $cut): void
    {
        $days = ComparedDays::planned(DayRange::between(Day::of($first), Day::of($last)), Day::of($today));

        self::assertSame($cut, self::printed($days->cut));
    }

    /** @return iterable<string, array{string, string, string, list<string>}> */
    public static function periods(): iterable
    {
        yield 'a whole month, today long past' => ['2026-06-01', '2026-06-30', '2026-09-01', []];
        yield 'a whole month, today within' => ['2026-06-01', '2026-06-30', '2026-06-17', ['2026-06-15 2026-06-21']];
        yield 'today the last day of a part' => ['2026-06-01', '2026-06-30', '2026-06-21', []];
        yield 'one day' => ['2026-06-17', '2026-06-17', '2026-06-17', ['2026-06-17 2026-06-17']];
        yield 'both ends cut, today in one of them' => ['2026-06-10', '2026-06-24', '2026-06-23', ['2026-06-10 2026-06-14', '2026-06-22 2026-06-24']];
        yield 'within one part' => ['2026-06-16', '2026-06-18', '2026-07-01', ['2026-06-16 2026-06-18']];
    }

    public function test_today_cuts_nothing_that_was_recorded(): void
    {
        $june = DayRange::between(Day::of('2026-06-01'), Day::of('2026-06-30'));
        self::assertSame([], ComparedDays::recorded($june)->cut);
        self::assertSame(['2026-06-01'], array_map(static fn (Day $month): string => $month->toString(), ComparedDays::recorded($june)->months()));
        self::assertSame(['2026-06-15 2026-06-17'], self::printed(ComparedDays::recorded(DayRange::between(Day::of('2026-06-08'), Day::of('2026-06-17')))->cut));
    }

    #[DataProvider('months')]
    public function test_months_come_whole_but_for_what_is_planned_to_date_in_that_of_today(string $first, string $last, string $today, int $months, ?string $toDate): void
    {
        $days = ComparedDays::planned(DayRange::between(Day::of($first), Day::of($last)), Day::of($today));

        self::assertCount($months, $days->months());
        $range = $days->monthToDate();
        self::assertSame($toDate, $range === null ? null : self::printed([$range])[0]);
    }

    /** @return iterable<string, array{string, string, string, int, string|null}> */
    public static function months(): iterable
    {
        yield 'today within the last' => ['2026-04-01', '2026-06-30', '2026-06-17', 3, '2026-06-01 2026-06-17'];
        yield 'today on the last day' => ['2026-04-01', '2026-06-30', '2026-06-30', 3, null];
        yield 'today on the first day' => ['2026-04-01', '2026-06-30', '2026-05-01', 3, '2026-05-01 2026-05-01'];
        yield 'today past' => ['2026-04-01', '2026-06-30', '2026-07-02', 3, null];
        yield 'today ahead' => ['2026-07-01', '2026-07-31', '2026-06-17', 1, null];
        yield 'the month of today cut off' => ['2026-05-01', '2026-06-20', '2026-06-17', 1, null];
    }

    public function test_what_is_not_looked_at_day_by_day_comes_in_whole_parts(): void
    {
        $random = new Randomizer(new Mt19937(12));
        for ($time = 0; $time < 300; $time++) {
            $first = Day::of('2025-12-20')->plusDays($random->getInt(0, 60));
            $period = DayRange::between($first, $first->plusDays($random->getInt(0, 50)));
            $today = Day::of('2025-12-20')->plusDays($random->getInt(0, 110));
            $days = ComparedDays::planned($period, $today);
            $cut = array_merge(...array_map(static fn (DayRange $range): array => self::each($range), $days->cut));
            foreach ($period as $day) {
                if (! in_array($day->toString(), $cut, true)) {
                    $part = WeekPart::containing($day)->days();
                    self::assertSame($part->count(), $part->intersectedWith($period)?->count(), 'what is not cut lies whole within the period');
                    self::assertSame($days->isToDate($part->first()), $days->isToDate($part->last()), 'and on one side of today');
                }
            }
            self::assertSame($cut, array_values(array_unique($cut)));
        }
    }

    /** @return list<string> */
    private static function each(DayRange $range): array
    {
        return array_map(static fn (Day $day): string => $day->toString(), iterator_to_array($range, false));
    }

    /**
     * @param  list<DayRange>  $ranges
     * @return list<string>
     */
    private static function printed(array $ranges): array
    {
        return array_map(static fn (DayRange $range): string => $range->first()->toString().' '.$range->last()->toString(), $ranges);
    }
}
