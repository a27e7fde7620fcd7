<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use DateTimeImmutable;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\TimesheetPeriod;
use Moss\Core\Calendar\Week;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class TimesheetPeriodTest extends TestCase
{
    #[TestWith([TimesheetPeriod::Week, '2026-06-17', '2026-06-15', '2026-06-21'])]
    #[TestWith([TimesheetPeriod::TwoWeeks, '2024-01-01', '2024-01-01', '2024-01-14'])]
    #[TestWith([TimesheetPeriod::TwoWeeks, '2024-01-14', '2024-01-01', '2024-01-14'])]
    #[TestWith([TimesheetPeriod::TwoWeeks, '2023-12-31', '2023-12-18', '2023-12-31'])]
    #[TestWith([TimesheetPeriod::TwoWeeks, '2023-12-18', '2023-12-18', '2023-12-31'])]
    #[TestWith([TimesheetPeriod::TwoWeeks, '2026-12-31', '2026-12-28', '2027-01-10'])]
    #[TestWith([TimesheetPeriod::HalfMonth, '2026-02-15', '2026-02-01', '2026-02-15'])]
    #[TestWith([TimesheetPeriod::HalfMonth, '2026-02-16', '2026-02-16', '2026-02-28'])]
    #[TestWith([TimesheetPeriod::HalfMonth, '2028-02-29', '2028-02-16', '2028-02-29'])]
    #[TestWith([TimesheetPeriod::HalfMonth, '2026-12-31', '2026-12-16', '2026-12-31'])]
    #[TestWith([TimesheetPeriod::Month, '2026-12-31', '2026-12-01', '2026-12-31'])]
    public function test_a_day_lies_in_a_period(TimesheetPeriod $period, string $day, string $first, string $last): void
    {
        self::assertSame([$first, $last], self::ends($period->containing(Day::of($day))));
    }

    public function test_every_day_lies_in_exactly_one_period_of_each_kind(): void
    {
        foreach (TimesheetPeriod::cases() as $period) {
            $before = $period->containing(Day::of('2023-11-30'));
            for ($day = Day::of('2023-12-01'); $day->isBefore(Day::of('2028-03-10')); $day = $day->plusDays(1)) {
                $days = $period->containing($day);
                self::assertTrue($days->includes($day), $period->value.' '.$day->toString());
                $expected = $before->includes($day) ? $before->first() : $before->last()->plusDays(1);
                self::assertSame($expected->toString(), $days->first()->toString(), $period->value.' '.$day->toString());
                $before = $days;
            }
        }
    }

    #[TestWith([TimesheetPeriod::Week, 1, '2026-11-30', '2026-12-06'])]
    #[TestWith([TimesheetPeriod::TwoWeeks, 1, '2026-11-30', '2026-12-13'])]
    #[TestWith([TimesheetPeriod::TwoWeeks, -1, '2026-11-02', '2026-11-15'])]
    #[TestWith([TimesheetPeriod::HalfMonth, 3, '2027-01-01', '2027-01-15'])]
    #[TestWith([TimesheetPeriod::HalfMonth, -1, '2026-11-01', '2026-11-15'])]
    #[TestWith([TimesheetPeriod::Month, 2, '2027-01-01', '2027-01-31'])]
    #[TestWith([TimesheetPeriod::Month, -9, '2026-02-01', '2026-02-28'])]
    #[TestWith([TimesheetPeriod::Month, 0, '2026-11-01', '2026-11-30'])]
    public function test_periods_follow_each_other(TimesheetPeriod $period, int $shift, string $first, string $last): void
    {
        self::assertSame([$first, $last], self::ends($period->shifted(Day::of('2026-11-29'), $shift)));
    }

    public function test_a_month_is_handed_in_week_by_week(): void
    {
        $parts = array_map(self::ends(...), TimesheetPeriod::byWeek(TimesheetPeriod::Month->containing(Day::of('2026-07-10'))));

        self::assertSame([
            '2026-W27' => ['2026-07-01', '2026-07-05'],
            '2026-W28' => ['2026-07-06', '2026-07-12'],
            '2026-W29' => ['2026-07-13', '2026-07-19'],
            '2026-W30' => ['2026-07-20', '2026-07-26'],
            '2026-W31' => ['2026-07-27', '2026-07-31'],
        ], $parts);
    }

    public function test_the_weeks_of_a_period_hold_all_its_days_once(): void
    {
        foreach (TimesheetPeriod::cases() as $period) {
            $days = $period->containing(Day::of('2025-12-20'));
            for ($number = 0; $number < 60; $number++, $days = $period->shifted($days->first(), 1)) {
                $found = [];
                foreach (TimesheetPeriod::byWeek($days) as $week => $part) {
                    self::assertSame($week, Week::containing($part->first())->toString());
                    self::assertSame($week, (new DateTimeImmutable($part->last()->toString()))->format('o-\WW'));
                    $found = [...$found, ...array_keys($part->weekdays())];
                }
                self::assertSame(array_keys($days->weekdays()), $found);
            }
        }
    }

    /** @return array{string, string} */
    private static function ends(DayRange $days): array
    {
        return [$days->first()->toString(), $days->last()->toString()];
    }
}
