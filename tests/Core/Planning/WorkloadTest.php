<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Planning\Workload;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\TestCase;

/** Five days of eight hours; today is the Wednesday. */
final class WorkloadTest extends TestCase
{
    private const DAYS = ['2026-06-15', '2026-06-16', '2026-06-17', '2026-06-18', '2026-06-19'];

    public function test_days_gone_by_count_what_was_entered_and_days_to_come_what_is_planned(): void
    {
        $load = self::load(['2026-06-15' => 480, '2026-06-17' => 240, '2026-06-18' => 600, '2026-06-19' => 120], ['2026-06-15' => 300, '2026-06-16' => 540, '2026-06-17' => 60, '2026-06-18' => 60]);

        self::assertSame([300, 540, 240, 600, 120], self::each($load, static fn (Workload $day): Minutes => $day->load()));
        self::assertSame([0, 60, 0, 120, 0], self::each($load, static fn (Workload $day): Minutes => $day->over()));
        self::assertSame([0, 0, 240, 0, 360], self::each($load, static fn (Workload $day): Minutes => $day->free()));
        self::assertSame([2400, 1800, 0, 600], [$load->expected()->toInt(), $load->load()->toInt(), $load->over()->toInt(), $load->free()->toInt()]);
        self::assertSame([1440, 960], [$load->planned()->toInt(), $load->entered()->toInt()]);
        self::assertEquals(['2026-06-16' => Minutes::of(60), '2026-06-18' => Minutes::of(120)], $load->daysOver());
    }

    public function test_today_counts_whichever_is_more(): void
    {
        self::assertSame(420, self::load([], ['2026-06-17' => 420])->load()->toInt());
        self::assertSame(60, self::each(self::load([], ['2026-06-17' => 420]), static fn (Workload $day): Minutes => $day->free())[2]);
    }

    public function test_hours_are_free_by_the_day_on_which_enough_has_come_together(): void
    {
        $load = self::load(['2026-06-18' => 300], []);

        self::assertSame('2026-06-17', $load->freeBy(Minutes::of(480))?->toString());
        self::assertSame('2026-06-18', $load->freeBy(Minutes::of(481))?->toString());
        self::assertSame('2026-06-19', $load->freeBy(Minutes::of(1140))?->toString());
        self::assertNull($load->freeBy(Minutes::of(1141)));
    }

    public function test_what_lies_beyond_the_days_does_not_count(): void
    {
        $load = self::load(['2026-06-19' => 60, '2026-06-22' => 300], ['2026-06-14' => 300, '2026-06-15' => 60]);

        self::assertSame([60, 60, 120], [$load->planned()->toInt(), $load->entered()->toInt(), $load->load()->toInt()]);
        self::assertSame(3 * 480 - 60, $load->free()->toInt());
        $before = $load->within(DayRange::between(Day::of('2026-06-12'), Day::of('2026-06-15')));
        self::assertSame([480, 60, 0], [$before->expected()->toInt(), $before->load()->toInt(), $before->free()->toInt()]);
    }

    public function test_parts_add_up(): void
    {
        $load = self::load(['2026-06-18' => 600, '2026-06-19' => 90], ['2026-06-15' => 77]);
        foreach ([static fn (Workload $one): Minutes => $one->load(), static fn (Workload $one): Minutes => $one->free(), static fn (Workload $one): Minutes => $one->expected(), static fn (Workload $one): Minutes => $one->planned(), static fn (Workload $one): Minutes => $one->entered()] as $figure) {
            self::assertSame($figure($load)->toInt(), array_sum(self::each($load, $figure)));
        }
    }

    /**
     * @param  array<string, int>  $planned
     * @param  array<string, int>  $entered
     */
    private static function load(array $planned, array $entered): Workload
    {
        $first = Day::of(self::DAYS[0]);
        $byPlace = static fn (array $minutes): array => array_combine(array_map(static fn (string $day): int => $first->daysUntil(Day::of($day)), array_keys($minutes)), $minutes);

        return Workload::of($first, array_fill(0, count(self::DAYS), 480), $byPlace($planned), $byPlace($entered), Day::of('2026-06-17'));
    }

    /**
     * @param  callable(Workload): Minutes  $figure
     * @return list<int>
     */
    private static function each(Workload $load, callable $figure): array
    {
        return array_map(static fn (string $day): int => $figure($load->within(DayRange::between(Day::of($day), Day::of($day))))->toInt(), self::DAYS);
    }
}
