<?php

declare(strict_types=1);

namespace Tests\App\AuditTrail;

use App\AuditTrail\LinesByTime;
use App\Models\AuditTrailRow;
use Moss\Core\Calendar\Day;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\App\TestCase;

final class LinesByTimeTest extends TestCase
{
    /** Four lines a day, of which the last of every third day was written after the clock had been set back by some hours. */
    protected function setUp(): void
    {
        parent::setUp();
        $rows = [];
        for ($number = 0; $number < 400; $number++) {
            $day = Day::of('2026-01-01')->plusDays(intdiv($number, 4));
            $isSetBack = $number % 12 === 11;
            $rows[] = ['at' => $isSetBack ? $day->plusDays(-1)->toString().'T23:30:00Z' : sprintf('%sT%02d:00:00Z', $day->toString(), 9 + $number % 4), 'act' => 'change', 'hash' => ''];
        }
        AuditTrailRow::query()->insert($rows);
    }

    #[TestWith(['2026-01-01', '2026-04-10', 400])]
    #[TestWith(['2026-01-20', '2026-01-20', 5])]
    #[TestWith(['2026-01-21', '2026-01-21', 3])]
    #[TestWith(['2026-02-03', '2026-03-03', 117])]
    #[TestWith(['2025-01-01', '2025-12-30', 0])]
    #[TestWith(['2026-04-11', '2027-01-01', 0])]
    public function test_finds_all_lines_of_some_days(string $first, string $last, int $expected): void
    {
        $all = array_filter(AuditTrailRow::query()->pluck('at', 'id')->all(), static fn (mixed $at): bool => is_string($at) && $at >= $first && substr($at, 0, 10) <= $last);
        $lines = AuditTrailRow::query()->toBase();
        $lines = LinesByTime::until(LinesByTime::since($lines, Day::of($first)), Day::of($last));

        self::assertSame(array_keys($all), $lines->orderBy('id')->pluck('id')->all());
        self::assertCount($expected, $all);
    }
}
