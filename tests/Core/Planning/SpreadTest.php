<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Eris\Generators;
use Eris\TestTrait;
use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Calendar\WorkPattern;
use Moss\Core\Planning\Spread;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SpreadTest extends TestCase
{
    use TestTrait;

    /** @param  list<int>  $expected */
    #[DataProvider('examples')]
    public function test_planned_minutes_lie_in_tidy_steps(int $planned, string $pattern, string $first, string $last, array $expected): void
    {
        $days = DayRange::between(Day::of($first), Day::of($last));
        $spread = Spread::over(Minutes::of($planned), $days, new Capacity(WorkPattern::of($pattern), HolidayCalendar::empty()));
        $shares = [];
        foreach ($days as $day) {
            $shares[] = $spread->on($day)->toInt();
        }

        self::assertSame($expected, $shares);
        self::assertSame($planned, $spread->within($days)->toInt());
    }

    /** @return iterable<string, array{int, string, string, string, list<int>}> */
    public static function examples(): iterable
    {
        $week = '8 8 8 8 8 0 0';
        yield '16 h over Monday and Tuesday' => [960, $week, '2026-06-15', '2026-06-16', [480, 480]];
        yield '24 h over Wednesday to Friday' => [1440, $week, '2026-06-17', '2026-06-19', [480, 480, 480]];
        yield '10 h over a week' => [600, $week, '2026-06-15', '2026-06-21', [120, 120, 120, 120, 120, 0, 0]];
        yield '10 h over four days' => [600, $week, '2026-06-15', '2026-06-18', [150, 150, 150, 150]];
        yield '7 h: left-over steps to the earliest days' => [420, $week, '2026-06-15', '2026-06-19', [90, 90, 90, 75, 75]];
        yield '10 h over days of 8 h and 4 h' => [600, '8 4 0 0 0 0 0', '2026-06-15', '2026-06-16', [405, 195]];
        yield '50 min: the rest to the last day with time' => [50, $week, '2026-06-15', '2026-06-16', [30, 20]];
        yield '20 min over a week: the rest where time is' => [20, $week, '2026-06-15', '2026-06-19', [20, 0, 0, 0, 0]];
        yield 'less than a step to the first day with capacity' => [10, '0 8 8 0 0 0 0', '2026-06-15', '2026-06-17', [0, 10, 0]];
        yield 'no capacity: all on the first day' => [485, $week, '2026-06-20', '2026-06-21', [485, 0]];
        yield 'one day, more than it holds' => [2000, $week, '2026-06-15', '2026-06-15', [2000]];
        yield 'nothing planned' => [0, $week, '2026-06-15', '2026-06-16', [0, 0]];
        yield 'a huge plan over two days' => [600_000_000, $week, '2026-06-15', '2026-06-16', [300_000_000, 300_000_000]];
    }

    public function test_the_parts_sum_to_the_whole_and_days_without_capacity_get_nothing(): void
    {
        $this->forAll(
            Generators::choose(0, 600_000_000),
            Generators::choose(1, 400),
            Generators::vector(7, Generators::choose(0, 1440)),
        )->then(static function (int $planned, int $length, array $weekdays): void {
            $pattern = WorkPattern::of(implode(' ', array_map(static fn (mixed $minutes): string => (is_int($minutes) ? $minutes : 0).'m', $weekdays)));
            $capacity = new Capacity($pattern, HolidayCalendar::empty());
            $days = DayRange::between(Day::of('2026-06-15'), Day::of('2026-06-15')->plusDays($length - 1));
            $spread = Spread::over(Minutes::of($planned), $days, $capacity);
            $hasCapacity = array_filter(iterator_to_array($days, false), static fn (Day $day): bool => ! $capacity->on($day)->isZero()) !== [];
            $sum = 0;
            $offSteps = 0;
            foreach ($spread->byDay() as $date => $minutes) {
                $sum += $minutes->toInt();
                $offSteps += $minutes->toInt() % 15 === 0 ? 0 : 1;
                self::assertTrue($days->includes(Day::of($date)));
                self::assertTrue(! $hasCapacity || ! $capacity->on(Day::of($date))->isZero());
            }

            self::assertSame($planned, $sum);
            self::assertLessThanOrEqual(1, $offSteps);
        });
    }
}
