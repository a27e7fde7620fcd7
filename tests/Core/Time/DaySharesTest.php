<?php

declare(strict_types=1);

namespace Tests\Core\Time;

use Moss\Core\Time\DayShares;
use Moss\Core\Time\DayUnit;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class DaySharesTest extends TestCase
{
    #[TestWith([DayUnit::HalfDay, 480, 1, 240])]
    #[TestWith([DayUnit::HalfDay, 457, 1, 229])]
    #[TestWith([DayUnit::HalfDay, 457, 2, 457])]
    #[TestWith([DayUnit::TenthOfDay, 480, 3, 144])]
    #[TestWith([DayUnit::TenthOfDay, 456, 1, 46])]
    #[TestWith([DayUnit::TenthOfDay, 0, 10, 0])]
    public function test_parts_of_a_day_are_minutes(DayUnit $unit, int $expected, int $count, int $minutes): void
    {
        self::assertSame($minutes, (new DayShares($unit, Minutes::of($expected)))->minutes($count)->toInt());
    }

    public function test_the_parts_of_a_day_add_up_to_it_however_they_are_divided(): void
    {
        $shares = new DayShares(DayUnit::HalfDay, Minutes::of(457));
        self::assertSame(['a' => 229, 'b' => 228], array_map(fn (Minutes $minutes): int => $minutes->toInt(), $shares->inOrder(['a' => 1, 'b' => 1])));

        foreach (DayUnit::cases() as $unit) {
            foreach (range(1, 1440) as $expected) {
                $shares = new DayShares($unit, Minutes::of($expected));
                $single = $shares->inOrder(array_fill(0, $unit->perDay(), 1));
                self::assertSame($expected, Minutes::sum($single)->toInt());
                $smallest = intdiv($expected, $unit->perDay());
                foreach ($single as $minutes) {
                    self::assertContains($minutes->toInt() - $smallest, [0, 1], $unit->value.' of '.$expected);
                }
            }
        }
    }

    public function test_minutes_are_counted_again_wherever_in_the_day_they_lie(): void
    {
        foreach (DayUnit::cases() as $unit) {
            foreach ([60, 225, 300, 383, 456, 457, 480, 600] as $expected) {
                $shares = new DayShares($unit, Minutes::of($expected));
                for ($before = 0; $before < $unit->perDay(); $before++) {
                    for ($count = 0; $before + $count <= $unit->perDay(); $count++) {
                        self::assertSame($count, $shares->count($shares->inOrder([$before, $count])[1]), "$count after $before of $expected");
                    }
                }
            }
        }
    }

    #[TestWith([DayUnit::HalfDay, 480, 200])]
    #[TestWith([DayUnit::HalfDay, 480, 1])]
    #[TestWith([DayUnit::TenthOfDay, 480, 45])]
    #[TestWith([DayUnit::HalfDay, 0, 240])]
    public function test_other_amounts_are_no_number_of_parts(DayUnit $unit, int $expected, int $minutes): void
    {
        self::assertNull((new DayShares($unit, Minutes::of($expected)))->count(Minutes::of($minutes)));
    }
}
