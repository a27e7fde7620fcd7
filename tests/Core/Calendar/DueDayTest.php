<?php

declare(strict_types=1);

namespace Tests\Core\Calendar;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DueDay;
use Moss\Core\Calendar\PeriodUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DueDayTest extends TestCase
{
    #[DataProvider('days')]
    public function test_the_latest_day_on_which_it_was_due(PeriodUnit $rhythm, int $day, string $today, string $due): void
    {
        self::assertSame($due, DueDay::latest($rhythm, $day, Day::of($today))->toString());
    }

    /** @return iterable<string, array{PeriodUnit, int, string, string}> */
    public static function days(): iterable
    {
        yield 'on the day itself' => [PeriodUnit::Week, 3, '2026-06-17', '2026-06-17'];
        yield 'earlier this week' => [PeriodUnit::Week, 1, '2026-06-17', '2026-06-15'];
        yield 'last week' => [PeriodUnit::Week, 5, '2026-06-17', '2026-06-12'];
        yield 'this month' => [PeriodUnit::Month, 1, '2026-06-17', '2026-06-01'];
        yield 'last month' => [PeriodUnit::Month, 28, '2026-03-01', '2026-02-28'];
        yield 'last year' => [PeriodUnit::Month, 15, '2026-01-14', '2025-12-15'];
    }

    public function test_it_is_never_after_today_nor_longer_ago_than_its_rhythm(): void
    {
        for ($number = 0; $number < 800; $number++) {
            $today = Day::of('2026-01-01')->plusDays($number);
            self::assertLessThan(7, DueDay::latest(PeriodUnit::Week, $number % 7 + 1, $today)->daysUntil($today));
            $ago = DueDay::latest(PeriodUnit::Month, $number % 28 + 1, $today)->daysUntil($today);
            self::assertGreaterThanOrEqual(0, $ago);
            self::assertLessThan(31, $ago);
        }
    }
}
