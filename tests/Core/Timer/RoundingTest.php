<?php

declare(strict_types=1);

namespace Tests\Core\Timer;

use Moss\Core\Time\Minutes;
use Moss\Core\Timer\Rounding;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class RoundingTest extends TestCase
{
    #[TestWith([Rounding::Exact, 67, 15, 67])]
    #[TestWith([Rounding::Nearest, 67, 15, 60])]
    #[TestWith([Rounding::Nearest, 68, 15, 75])]
    #[TestWith([Rounding::Nearest, 3, 6, 6])]
    #[TestWith([Rounding::Nearest, 1, 15, 15])]
    #[TestWith([Rounding::Nearest, 75, 15, 75])]
    #[TestWith([Rounding::Up, 61, 15, 75])]
    #[TestWith([Rounding::Up, 60, 15, 60])]
    #[TestWith([Rounding::Up, 1, 60, 60])]
    #[TestWith([Rounding::Up, 1439, 60, 1440])]
    #[TestWith([Rounding::Up, 1439, 1439, 1439])]
    #[TestWith([Rounding::Up, 1440, 7, 1440])]
    #[TestWith([Rounding::Up, 0, 15, 0])]
    #[TestWith([Rounding::Up, 61, null, 61])]
    #[TestWith([Rounding::Nearest, 61, 0, 61])]
    public function test_minutes_are_rounded(Rounding $rounding, int $minutes, ?int $step, int $expected): void
    {
        self::assertSame($expected, $rounding->rounded(Minutes::of($minutes), $step === null ? null : Minutes::of($step))->toInt());
    }
}
