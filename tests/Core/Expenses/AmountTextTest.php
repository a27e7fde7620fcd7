<?php

declare(strict_types=1);

namespace Tests\Core\Expenses;

use Moss\Core\Expenses\AmountText;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class AmountTextTest extends TestCase
{
    #[TestWith(['12', '12'])]
    #[TestWith(['12.5', '12.5'])]
    #[TestWith(['12,50', '12.50'])]
    #[TestWith(['1,234.50', '1234.50'])]
    #[TestWith(['1.234,50', '1234.50'])]
    #[TestWith(["1\u{A0}234,50", '1234.50'])]
    #[TestWith(['1’234.50', '1234.50'])]
    #[TestWith(['1,234', '1234'])]
    #[TestWith(['1.234.567', '1234567'])]
    #[TestWith(['-3,20', '-3.20'])]
    #[TestWith(['−3.20', '-3.20'])]
    #[TestWith(['12.', null])]
    #[TestWith(['1,2,3', null])]
    #[TestWith(['1.23.45', null])]
    #[TestWith(['.5', null])]
    #[TestWith(['twelve', null])]
    #[TestWith(['', null])]
    public function test_amounts_are_read_as_they_are_typed(string $typed, ?string $decimal): void
    {
        self::assertSame($decimal, AmountText::decimal($typed));
    }

    public function test_rates_have_three_decimals_and_more(): void
    {
        self::assertSame('1.082', AmountText::decimal('1,082', false));
        self::assertSame('0.0061', AmountText::decimal('0.0061', false));
    }
}
