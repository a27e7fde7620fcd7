<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use Moss\Core\Calendar\Absence;
use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\CountedDays;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Employment;
use Moss\Core\Calendar\ExpectedHours;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Calendar\WorkPattern;
use Moss\Core\Time\DayUnit;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CountedDaysTest extends TestCase
{
    public function test_a_day_is_what_is_expected_of_it(): void
    {
        $days = self::days(DayUnit::HalfDay, [457, 480, 480, 480, 240, 0, 0], [new Absence(Day::of('2026-06-18'), null)]);

        self::assertSame(1, $days->count(Day::of('2026-06-15'), Minutes::of(229)));
        self::assertSame(1, $days->count(Day::of('2026-06-15'), Minutes::of(228)));
        self::assertNull($days->count(Day::of('2026-06-15'), Minutes::of(200)));
        self::assertSame(2, $days->count(Day::of('2026-06-19'), Minutes::of(240)));
        self::assertSame([true, false, true, false], array_map(static fn (string $day): bool => $days->isCounted(Day::of($day)), ['2026-06-17', '2026-06-18', '2026-06-19', '2026-06-20']));
    }

    public function test_amounts_of_several_days_are_added_in_parts_of_each(): void
    {
        $days = self::days(DayUnit::TenthOfDay, [480, 480, 480, 480, 240, 0, 0]);

        self::assertSame(15, $days->sum([[Day::of('2026-06-15'), Minutes::of(480)], [Day::of('2026-06-19'), Minutes::of(120)]]));
        self::assertNull($days->sum([[Day::of('2026-06-15'), Minutes::of(480)], [Day::of('2026-06-19'), Minutes::of(100)]]));
        self::assertSame(0, $days->sum([]));
    }

    #[DataProvider('expectations')]
    public function test_however_a_day_is_shared_out_its_parts_add_up_to_it(DayUnit $unit, int $expected): void
    {
        $days = self::days($unit, [$expected, 480, 480, 480, 480, 0, 0]);
        $monday = Day::of('2026-06-15');
        for ($first = 0; $first <= $unit->perDay(); $first++) {
            $entered = Minutes::zero();
            foreach ([$first, $unit->perDay() - $first] as $count) {
                $minutes = $days->minutes($monday, $count, $entered);
                self::assertSame($count, $days->count($monday, $minutes));
                $entered = $entered->plus($minutes);
            }
            self::assertSame($expected, $entered->toInt());
        }
    }

    /** @return iterable<string, array{DayUnit, int}> */
    public static function expectations(): iterable
    {
        foreach (DayUnit::cases() as $unit) {
            foreach ([457, 480, 463, 91, 475] as $expected) {
                yield "$unit->value of $expected" => [$unit, $expected];
            }
        }
    }

    public function test_beside_what_is_no_whole_part_a_part_is_what_it_is_alone(): void
    {
        $days = self::days(DayUnit::HalfDay, [480, 480, 480, 480, 480, 0, 0]);

        self::assertSame(240, $days->minutes(Day::of('2026-06-15'), 1, Minutes::of(100))->toInt());
        self::assertSame(0, $days->minutes(Day::of('2026-06-15'), 0, Minutes::of(240))->toInt());
    }

    /**
     * @param  list<int>  $week  minutes from Monday
     * @param  list<Absence>  $absences
     */
    private static function days(DayUnit $unit, array $week, array $absences = []): CountedDays
    {
        $pattern = WorkPattern::of(implode(' ', array_map(static fn (int $minutes): string => $minutes.'m', $week)));

        return new CountedDays($unit, ExpectedHours::of(new Capacity($pattern, HolidayCalendar::empty()), new Employment(null, null), $absences));
    }
}
