<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use Moss\Core\Calendar\Absence;
use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Employment;
use Moss\Core\Calendar\ExpectedHours;
use Moss\Core\Calendar\Holiday;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Calendar\NotAWorkPattern;
use Moss\Core\Calendar\Week;
use Moss\Core\Calendar\WorkPattern;
use Moss\Core\Time\HoursTextRefused;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\TestCase;

final class ExpectedHoursTest extends TestCase
{
    public function test_a_week_with_a_holiday_and_half_a_day_of_absence(): void
    {
        $expected = self::expected('8 8 8 8 6 0 0', [Holiday::on(Day::of('2026-06-15'), 'Harbour Day')], [new Absence(Day::of('2026-06-19'), Minutes::of(240))]);

        self::assertSame([0, 480, 480, 480, 120, 0, 0], self::week($expected));
        self::assertSame(1560, $expected->within(Week::of('2026-W25')->days())->toInt());
    }

    public function test_half_a_holiday_leaves_half_the_day(): void
    {
        self::assertSame(240, self::week(self::expected('8 8 8 8 8 0 0', [Holiday::on(Day::of('2026-06-15'), 'Eve', '0.5')]))[0]);
        self::assertSame(247, self::week(self::expected('8.25 0 0 0 0 0 0', [Holiday::on(Day::of('2026-06-15'), 'Eve', '0.5')]))[0]);
        self::assertSame(480, self::week(self::expected('8 8 8 8 8 0 0', [Holiday::on(Day::of('2026-06-15'), 'Named only', '0')]))[0]);
    }

    public function test_absence_never_makes_less_than_nothing(): void
    {
        $monday = Day::of('2026-06-15');

        self::assertSame(0, self::week(self::expected('6 0 0 0 0 0 0', [], [new Absence($monday, Minutes::of(480))]))[0]);
        self::assertSame(0, self::week(self::expected('6 0 0 0 0 0 0', [], [new Absence($monday, null)]))[0]);
        self::assertSame(0, self::week(self::expected('6 0 0 0 0 0 0', [], [new Absence($monday, Minutes::of(60)), new Absence($monday, null)]))[0]);
        self::assertSame(60, self::week(self::expected('6 0 0 0 0 0 0', [], [new Absence($monday, Minutes::of(120)), new Absence($monday, Minutes::of(180))]))[0]);
    }

    public function test_nothing_is_expected_outside_employment(): void
    {
        $expected = self::expected('8 8 8 8 8 0 0', [], [], new Employment(Day::of('2026-06-16'), Day::of('2026-06-18')));

        self::assertSame([0, 480, 480, 480, 0, 0, 0], self::week($expected));
    }

    public function test_capacity_does_not_know_absences_and_names_working_days(): void
    {
        $capacity = new Capacity(WorkPattern::of('8 8 8 8 6 0 0'), HolidayCalendar::of([Holiday::on(Day::of('2026-06-15'), 'Harbour Day')]));

        self::assertSame(0, $capacity->on(Day::of('2026-06-15'))->toInt());
        self::assertTrue($capacity->isWorkingDay(Day::of('2026-06-15')));
        self::assertSame(360, $capacity->on(Day::of('2026-06-19'))->toInt());
        self::assertFalse($capacity->isWorkingDay(Day::of('2026-06-20')));
    }

    public function test_a_pattern_prints_as_it_reads(): void
    {
        foreach (['8 8 8 8 8 0 0', '7.5 7.5 7.5 7.5 6 0 0', '0:20 24 0 0 0 0 0'] as $text) {
            self::assertSame($text, WorkPattern::of($text)->toString());
        }
        self::assertSame('8 8 8 8 8 0 0', WorkPattern::of('  8h 8:00 480m 8,0  8.00 0 0 ')->toString());
    }

    public function test_a_pattern_of_six_days_is_refused(): void
    {
        $this->expectException(NotAWorkPattern::class);
        WorkPattern::of('8 8 8 8 8 0');
    }

    public function test_a_pattern_with_a_day_of_25_hours_is_refused(): void
    {
        $this->expectException(HoursTextRefused::class);
        WorkPattern::of('25 8 8 8 8 0 0');
    }

    /**
     * @param  list<Holiday>  $holidays
     * @param  list<Absence>  $absences
     */
    private static function expected(string $pattern, array $holidays = [], array $absences = [], Employment $employment = new Employment(null, null)): ExpectedHours
    {
        return ExpectedHours::of(new Capacity(WorkPattern::of($pattern), HolidayCalendar::of($holidays)), $employment, $absences);
    }

    /** @return list<int> */
    private static function week(ExpectedHours $expected): array
    {
        $minutes = [];
        foreach (Week::of('2026-W25')->days() as $day) {
            $minutes[] = $expected->on($day)->toInt();
        }

        return $minutes;
    }
}
