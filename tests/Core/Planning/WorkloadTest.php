<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\Employment;
use Moss\Core\Calendar\ExpectedHours;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Calendar\WorkPattern;
use Moss\Core\Planning\Workload;
use Moss\Core\Planning\WorkloadDay;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\TestCase;

/** Five days of eight hours; today is the Wednesday. */
final class WorkloadTest extends TestCase
{
    public function test_days_gone_by_count_what_was_entered_and_days_to_come_what_is_planned(): void
    {
        $load = self::load(['2026-06-15' => 480, '2026-06-17' => 240, '2026-06-18' => 600, '2026-06-19' => 120], ['2026-06-15' => 300, '2026-06-16' => 540, '2026-06-17' => 60, '2026-06-18' => 60]);

        self::assertSame([300, 540, 240, 600, 120], self::each($load, static fn (WorkloadDay $day): Minutes => $day->load()));
        self::assertSame([0, 60, 0, 120, 0], self::each($load, static fn (WorkloadDay $day): Minutes => $day->over()));
        self::assertSame([0, 0, 240, 0, 360], self::each($load, static fn (WorkloadDay $day): Minutes => $day->free()));
        self::assertSame([2400, 1800, 0, 600], [$load->expected()->toInt(), $load->load()->toInt(), $load->over()->toInt(), $load->free()->toInt()]);
        self::assertSame(['2026-06-16', '2026-06-18'], array_map(static fn (WorkloadDay $day): string => $day->day->toString(), $load->daysOver()));
    }

    public function test_today_counts_whichever_is_more(): void
    {
        self::assertSame(420, self::load([], ['2026-06-17' => 420])->load()->toInt());
        self::assertSame(60, self::load([], ['2026-06-17' => 420])->days[2]->free()->toInt());
    }

    public function test_hours_are_free_by_the_day_on_which_enough_has_come_together(): void
    {
        $load = self::load(['2026-06-18' => 300], []);

        self::assertSame('2026-06-17', $load->freeBy(Minutes::of(480))?->toString());
        self::assertSame('2026-06-18', $load->freeBy(Minutes::of(481))?->toString());
        self::assertSame('2026-06-19', $load->freeBy(Minutes::of(1140))?->toString());
        self::assertNull($load->freeBy(Minutes::of(1141)));
    }

    public function test_parts_add_up(): void
    {
        $load = self::load(['2026-06-18' => 600, '2026-06-19' => 90], ['2026-06-15' => 77]);
        [$first, $second] = [DayRange::between(Day::of('2026-06-15'), Day::of('2026-06-17')), DayRange::between(Day::of('2026-06-18'), Day::of('2026-06-19'))];
        foreach ([static fn (Workload $one): Minutes => $one->load(), static fn (Workload $one): Minutes => $one->free(), static fn (Workload $one): Minutes => $one->expected(), static fn (Workload $one): Minutes => $one->planned(), static fn (Workload $one): Minutes => $one->entered()] as $figure) {
            self::assertSame($figure($load)->toInt(), $figure($load->within($first))->plus($figure($load->within($second)))->toInt());
        }
    }

    /**
     * @param  array<string, int>  $planned
     * @param  array<string, int>  $entered
     */
    private static function load(array $planned, array $entered): Workload
    {
        $expected = ExpectedHours::of(new Capacity(WorkPattern::of('8 8 8 8 8 0 0'), HolidayCalendar::empty()), new Employment(null, null), []);

        return Workload::of(DayRange::between(Day::of('2026-06-15'), Day::of('2026-06-19')), $expected, $planned, $entered, Day::of('2026-06-17'));
    }

    /**
     * @param  callable(WorkloadDay): Minutes  $figure
     * @return list<int>
     */
    private static function each(Workload $load, callable $figure): array
    {
        return array_map(static fn (WorkloadDay $day): int => $figure($day)->toInt(), $load->days);
    }
}
