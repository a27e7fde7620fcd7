<?php

declare(strict_types=1);

namespace Tests\Core\Time;

use Moss\Core\Time\DayCountFault;
use Moss\Core\Time\DayCountRefused;
use Moss\Core\Time\DayUnit;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class DayUnitTest extends TestCase
{
    #[TestWith([DayUnit::HalfDay, '', 0])]
    #[TestWith([DayUnit::HalfDay, '0', 0])]
    #[TestWith([DayUnit::HalfDay, '0.5', 1])]
    #[TestWith([DayUnit::HalfDay, ' ,5 ', 1])]
    #[TestWith([DayUnit::HalfDay, '½', 1])]
    #[TestWith([DayUnit::HalfDay, '1/2', 1])]
    #[TestWith([DayUnit::HalfDay, '1', 2])]
    #[TestWith([DayUnit::HalfDay, '1 d', 2])]
    #[TestWith([DayUnit::HalfDay, '0.50', 1])]
    #[TestWith([DayUnit::TenthOfDay, '0.3', 3])]
    #[TestWith([DayUnit::TenthOfDay, '0,3D', 3])]
    #[TestWith([DayUnit::TenthOfDay, '½', 5])]
    #[TestWith([DayUnit::TenthOfDay, '1.0', 10])]
    public function test_days_are_read(DayUnit $unit, string $text, int $count): void
    {
        self::assertSame($count, $unit->read($text));
    }

    #[TestWith([DayUnit::HalfDay, '0.25', DayCountFault::NotTheUnit])]
    #[TestWith([DayUnit::TenthOfDay, '0.25', DayCountFault::NotTheUnit])]
    #[TestWith([DayUnit::HalfDay, '1.5', DayCountFault::MoreThanADay])]
    #[TestWith([DayUnit::TenthOfDay, '8', DayCountFault::MoreThanADay])]
    #[TestWith([DayUnit::TenthOfDay, '99999999999', DayCountFault::MoreThanADay])]
    #[TestWith([DayUnit::HalfDay, '-1', DayCountFault::NotDays])]
    #[TestWith([DayUnit::HalfDay, '4h', DayCountFault::NotDays])]
    #[TestWith([DayUnit::HalfDay, '1:00', DayCountFault::NotDays])]
    #[TestWith([DayUnit::HalfDay, '0.500000000000', DayCountFault::NotDays])]
    #[TestWith([DayUnit::HalfDay, "1\n1", DayCountFault::NotDays])]
    public function test_other_text_is_refused(DayUnit $unit, string $text, DayCountFault $fault): void
    {
        try {
            $unit->read($text);
            self::fail('It was read.');
        } catch (DayCountRefused $refused) {
            self::assertSame([$fault, trim($text)], [$refused->fault, $refused->text]);
        }
    }

    public function test_what_is_printed_is_read_again(): void
    {
        foreach (DayUnit::cases() as $unit) {
            for ($count = 0; $count <= $unit->perDay(); $count++) {
                self::assertSame($count, $unit->read($unit->print($count)));
            }
        }
        self::assertSame(['0.5', '1', '22'], array_map(DayUnit::HalfDay->print(...), [1, 2, 44]));
        self::assertSame(['0.1', '20.5', '0'], array_map(DayUnit::TenthOfDay->print(...), [1, 205, 0]));
    }
}
