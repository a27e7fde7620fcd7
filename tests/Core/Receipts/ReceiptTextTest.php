<?php

declare(strict_types=1);

namespace Tests\Core\Receipts;

use Moss\Core\Calendar\Day;
use Moss\Core\Receipts\CategoryGuess;
use Moss\Core\Receipts\ReceiptText;
use Moss\Core\Receipts\SeenValue;
use Moss\Core\Receipts\TripGuess;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ReceiptTextTest extends TestCase
{
    /** @param  array{?string, ?string, ?string, ?string, ?string}  $expected  seller, date, amount, currency, tax */
    #[DataProvider('receipts')]
    public function test_what_stands_on_a_receipt_is_read(string $text, array $expected): void
    {
        $read = ReceiptText::of($text)->read(Day::of('2026-06-17'), ['EUR', 'GBP', 'CHF', 'USD']);

        self::assertSame($expected, array_map(static fn (?SeenValue $seen): ?string => $seen?->value, [$read->seller, $read->date, $read->amount, $read->currency, $read->tax]));
    }

    /** @return iterable<string, array{string, array{?string, ?string, ?string, ?string, ?string}}> */
    public static function receipts(): iterable
    {
        yield 'a hotel bill' => [
            "Harbour Rest Hotel\n4 Quay Street\n\nInvoice 20931\nDate: 12 June 2026\n2 nights 180.00\nBreakfast 24.00\nNet 188.79\nVAT 7 % 15.21\nTotal EUR 204.00\nThank you",
            ['Harbour Rest Hotel', '2026-06-12', '204.00', 'EUR', '15.21'],
        ];
        yield 'a taxi, with a decimal comma' => ["TAXI NORDUFER\n16.06.2026 08:12\nSumme 23,40 €\ninkl. 7% MwSt 1,53 €", ['TAXI NORDUFER', '2026-06-16', '23.40', 'EUR', '1.53']];
        yield 'thousands are grouped' => ["Lens Works Ltd\n2026-06-01\nTotal due £1,234.50", ['Lens Works Ltd', '2026-06-01', '1234.50', 'GBP', null]];
        yield 'and with a point' => ["Linsenwerk\n01.06.2026\nGesamt 1.234,50 EUR", ['Linsenwerk', '2026-06-01', '1234.50', 'EUR', null]];
        yield 'a subtotal is not the total' => ["Tide Café\nSubtotal 30.00\nTotal 27.00\n06/03/2026", ['Tide Café', '2026-03-06', '27.00', null, null]];
        yield 'month first where it cannot be otherwise' => ["Shop\n06/13/2026\nTotal $5.00", ['Shop', '2026-06-13', '5.00', 'USD', null]];
        yield 'without a word for the total the largest counts' => ["Ferry\n4.50\n12.00\n3.00", ['Ferry', null, '12.00', null, null]];
        yield 'no day to come' => ["Rail\nTravel 24.12.2026\nBooked 02.06.2026\nTotal 40.00", ['Rail', '2026-06-02', '40.00', null, null]];
        yield 'rates of tax are no amounts' => ["Bookshop\nTotal 20.00 CHF\nVAT 8.10% 1.50", ['Bookshop', null, '20.00', 'CHF', '1.50']];
        yield 'nothing' => ['', [null, null, null, null, null]];
        yield 'bytes that are no text' => ["\xff\xfe\x00", [null, null, null, null, null]];
    }

    public function test_each_says_where_it_was_seen_and_how_sure_it_is(): void
    {
        $read = ReceiptText::of("Quay Taxis\n05/06/2026\nTotal   18.00 EUR")->read(Day::of('2026-06-17'), ['EUR']);

        self::assertEquals(new SeenValue('18.00', 3, 'Total 18.00 EUR', 90), $read->amount);
        // The fifth of June, or the sixth of May.
        self::assertEquals(new SeenValue('2026-06-05', 2, '05/06/2026', 55), $read->date);
    }

    public function test_a_seller_says_of_which_category_it_is(): void
    {
        $names = ['taxi' => 'Taxi', 'hotel' => 'Hotels and nights', 'meals' => 'Meals'];
        $guess = static fn (string $seller): array => [CategoryGuess::of($seller, ['Tide Café' => 'meals', 'Old Inn' => 'gone'], $names)?->category, CategoryGuess::of($seller, ['Tide Café' => 'meals'], $names)?->isFromBefore];

        self::assertSame(['taxi', false], $guess('QUAY TAXIS'));
        self::assertSame(['hotel', false], $guess('Harbour Rest Hotel'));
        self::assertSame(['meals', true], $guess('Tide Café'));
        self::assertSame([null, null], $guess('Old Inn'));
    }

    public function test_receipts_of_days_that_follow_each_other_are_a_trip(): void
    {
        $days = array_map(Day::of(...), [1 => '2026-06-12', 2 => '2026-06-10', 3 => '2026-06-15', 4 => '2026-06-01', 5 => '2026-06-01', 6 => '2026-06-01', 7 => '2026-06-22']);

        self::assertSame([[2, 1, 3]], TripGuess::of($days));
        self::assertSame([], TripGuess::of([]));
    }
}
