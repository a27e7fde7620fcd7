<?php

declare(strict_types=1);

namespace Tests\Core\Leave;

use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Employment;
use Moss\Core\Calendar\Holiday;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Calendar\WorkPattern;
use Moss\Core\Leave\AllowanceRule;
use Moss\Core\Leave\HalfDays;
use Moss\Core\Leave\LeaveBalance;
use Moss\Core\Leave\LeaveDay;
use Moss\Core\Leave\LeaveFault;
use Moss\Core\Leave\LeaveRefused;
use Moss\Core\Leave\LeaveSpan;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Days of leave, and what of an allowance is left. Fridays have 6 h; Mon 15 Jun 2026 is a holiday, half of Wed 24 Jun another. */
final class LeaveTest extends TestCase
{
    /** @param  list<string>  $expected  day, minutes that are off, half days */
    #[TestWith(['2026-06-18', '2026-06-18', false, false, ['2026-06-18 480 2']], 'one day')]
    #[TestWith(['2026-06-18', '2026-06-18', true, false, ['2026-06-18 240 1']], 'an afternoon')]
    #[TestWith(['2026-06-18', '2026-06-18', false, true, ['2026-06-18 240 1']], 'a morning')]
    #[TestWith(['2026-06-12', '2026-06-16', false, false, ['2026-06-12 360 2', '2026-06-16 480 2']], 'over a weekend and a holiday')]
    #[TestWith(['2026-06-18', '2026-06-19', true, true, ['2026-06-18 240 1', '2026-06-19 180 1']], 'from midday until midday')]
    #[TestWith(['2026-06-24', '2026-06-24', false, false, ['2026-06-24 240 1']], 'the rest of half a holiday is half a day')]
    #[TestWith(['2026-06-20', '2026-06-21', false, false, []], 'a weekend takes nothing')]
    #[TestWith(['2026-06-29', '2026-07-02', false, false, ['2026-06-29 480 2', '2026-06-30 480 2']], 'nothing after the last day of employment')]
    public function test_days_are_those_that_would_be_worked(string $first, string $last, bool $fromMidday, bool $untilMidday, array $expected): void
    {
        $days = LeaveSpan::over(self::range($first, $last), $fromMidday, $untilMidday)->days(self::capacity(), new Employment(null, Day::of('2026-06-30')));

        self::assertSame($expected, array_map(static fn (LeaveDay $day): string => $day->day->toString().' '.$day->off->toInt().' '.$day->halfDays, $days));
    }

    public function test_whole_days_follow_the_pattern_and_halves_are_fixed(): void
    {
        $days = LeaveSpan::over(self::range('2026-06-18', '2026-06-19'), untilMidday: true)->days(self::capacity(), new Employment(null, null));

        self::assertSame([null, 180], [$days[0]->minutes, $days[1]->minutes?->toInt()]);
    }

    public function test_half_of_an_odd_day_is_rounded_up_to_the_minute(): void
    {
        $capacity = new Capacity(WorkPattern::of('7:45 7:45 7:45 7:45 7:45 0 0'), HolidayCalendar::empty());

        self::assertSame(233, LeaveSpan::over(self::range('2026-06-18', '2026-06-18'), true)->days($capacity, new Employment(null, null))[0]->off->toInt());
    }

    public function test_what_cannot_be_asked_for_is_refused(): void
    {
        self::assertSame(366, LeaveSpan::over(self::range('2026-01-01', '2027-01-01'))->days->count());
        foreach ([[['2026-01-01', '2027-01-02', false, false], LeaveFault::TooLong], [['2026-01-01', '2026-01-01', true, true], LeaveFault::Empty]] as [$asked, $fault]) {
            try {
                LeaveSpan::over(self::range($asked[0], $asked[1]), $asked[2], $asked[3]);
                self::fail('Not refused');
            } catch (LeaveRefused $refused) {
                self::assertSame($fault, $refused->fault);
            }
        }
    }

    #[TestWith(['2026-06-18', null, 2])]
    #[TestWith(['2026-06-18', 480, 2])]
    #[TestWith(['2026-06-18', 241, 2])]
    #[TestWith(['2026-06-18', 240, 1])]
    #[TestWith(['2026-06-18', 1, 1])]
    #[TestWith(['2026-06-18', 0, 0])]
    #[TestWith(['2026-06-24', null, 1])]
    #[TestWith(['2026-06-15', null, 0])]
    #[TestWith(['2026-06-21', 120, 0])]
    public function test_an_absence_takes_half_days(string $day, ?int $minutes, int $halfDays): void
    {
        self::assertSame($halfDays, HalfDays::of(self::capacity(), Day::of($day), $minutes === null ? null : Minutes::of($minutes)));
    }

    /**
     * @param  array<int, int>  $approved
     * @param  array<int, int>  $own
     */
    #[TestWith([2026, [], [], 50, 0], 'nothing taken')]
    #[TestWith([2026, [2026 => 12], [], 38, 0], 'some taken')]
    #[TestWith([2026, [2026 => 52], [], -2, 0], 'more than there were')]
    #[TestWith([2027, [2026 => 12], [], 60, 10], 'no more is carried over than the rule says')]
    #[TestWith([2027, [2026 => 46], [], 54, 4], 'all that is left is carried over')]
    #[TestWith([2027, [2026 => 52], [], 50, 0], 'nothing below zero is carried over')]
    #[TestWith([2028, [2026 => 46, 2027 => 52], [], 52, 2], 'what was carried over is carried on as far as it is left')]
    #[TestWith([2026, [], [2026 => 60], 60, 0], 'an allowance of the person')]
    #[TestWith([2027, [2026 => 55], [2026 => 60], 55, 5], 'and what is left of it')]
    public function test_what_is_left_of_a_year(int $year, array $approved, array $own, int $left, int $carried): void
    {
        $balance = LeaveBalance::of(new AllowanceRule(50, 10, 2026), $year, $own, $approved, [$year => 3]);

        self::assertNotNull($balance);
        self::assertSame([$left, $carried, $left - 3], [$balance->left(), $balance->carriedOver, $balance->leftAfterRequests()]);
    }

    public function test_nothing_is_counted_before_the_first_year(): void
    {
        self::assertNull(LeaveBalance::of(new AllowanceRule(50, 10, 2026), 2025, [], [2025 => 8], []));
    }

    private static function capacity(): Capacity
    {
        return new Capacity(WorkPattern::of('8 8 8 8 6 0 0'), HolidayCalendar::of([Holiday::on(Day::of('2026-06-15'), 'Harbour Day'), Holiday::on(Day::of('2026-06-24'), 'Midsummer', '0.5')]));
    }

    private static function range(string $first, string $last): DayRange
    {
        return DayRange::between(Day::of($first), Day::of($last));
    }
}
