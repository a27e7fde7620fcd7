<?php

declare(strict_types=1);

namespace Tests\Core\Expenses;

use Brick\Math\BigDecimal;
use Moss\Core\Calendar\Day;
use Moss\Core\Expenses\Amount;
use Moss\Core\Expenses\Currency;
use Moss\Core\Expenses\Distance;
use Moss\Core\Expenses\ExchangeRate;
use Moss\Core\Expenses\ExpenseCost;
use Moss\Core\Expenses\MileageRate;
use Moss\Core\Expenses\MileageRates;
use Moss\Core\Expenses\MixedCurrencies;
use Moss\Core\Expenses\NotAnAmount;
use Moss\Core\Expenses\TaxedAmount;
use Moss\Core\Expenses\TaxShare;
use Moss\Core\Expenses\TaxShares;
use Moss\Core\Money\Money;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Money of expenses: worked examples, and the same computed another way. */
final class AmountsTest extends TestCase
{
    public function test_amounts_have_the_places_of_their_currency(): void
    {
        self::assertSame(123450, Currency::of('EUR')->amount('1234.5')->minor);
        self::assertSame('-0.05', Currency::of('EUR')->amount('-0.05')->toString());
        self::assertSame('1500', Currency::of('JPY', 0)->amount('1500')->toString());
        self::assertSame('1.250', Currency::of('KWD', 3)->amount('1.25')->toString());
        self::assertSame('12.35', Currency::of('CHF', 2, 5)->rounded(BigDecimal::of('12.327'))->toString());
        self::assertSame('-12.35', Currency::of('CHF', 2, 5)->rounded(BigDecimal::of('-12.325'))->toString());
    }

    #[DataProvider('refused')]
    public function test_what_is_no_amount_is_refused(callable $made): void
    {
        $this->expectException(NotAnAmount::class);

        $made();
    }

    /** @return iterable<string, array{callable}> */
    public static function refused(): iterable
    {
        $euro = Currency::of('EUR');
        yield 'too many places' => [static fn () => $euro->amount('1.234')];
        yield 'places where there are none' => [static fn () => Currency::of('JPY', 0)->amount('1.5')];
        yield 'a comma' => [static fn () => $euro->amount('1,20')];
        yield 'a line break' => [static fn () => $euro->amount("1\n")];
        yield 'too large' => [static fn () => $euro->amount('12345678901')];
        yield 'no code' => [static fn () => Currency::of('euro')];
        yield 'no rate' => [static fn () => ExchangeRate::of('0.00')];
        yield 'a negative rate' => [static fn () => ExchangeRate::of('-1')];
        yield 'no distance' => [static fn () => Distance::of('0')];
        yield 'a distance too exact' => [static fn () => Distance::of('1.25')];
        yield 'shares of less than the whole' => [static fn () => TaxShares::of([new TaxShare(1900, 9000)])];
        yield 'no shares' => [static fn () => TaxShares::of([])];
        yield 'a rate of tax of 100 %' => [static fn () => new TaxShare(10000)];
        yield 'more tax than money' => [static fn () => TaxedAmount::of($euro->minor(100), $euro->minor(101))];
        yield 'tax of the other sign' => [static fn () => TaxedAmount::of($euro->minor(100), $euro->minor(-1))];
    }

    public function test_currencies_are_never_mixed(): void
    {
        $this->expectException(MixedCurrencies::class);

        Currency::of('EUR')->minor(1)->plus(Currency::of('GBP')->minor(1));
    }

    /** @param  list<TaxShare>  $shares */
    #[DataProvider('taxes')]
    public function test_tax_is_in_the_amount_or_comes_on_top(array $shares, int $minor, int $included, int $onTop): void
    {
        $amount = Currency::of('EUR')->minor($minor);

        self::assertSame($included, TaxShares::of($shares)->included($amount)->tax->minor);
        self::assertSame($onTop, TaxShares::of($shares)->onTop($amount)->tax->minor);
    }

    /** @return iterable<string, array{list<TaxShare>, int, int, int}> */
    public static function taxes(): iterable
    {
        yield '19 % of 119' => [[new TaxShare(1900)], 11900, 1900, 2261];
        yield '7 % of 107' => [[new TaxShare(700)], 10700, 700, 749];
        yield 'no tax' => [[new TaxShare(0)], 5000, 0, 0];
        // 70 % at 7 %: 142.80, tax 9.34; 30 % at 19 %: 61.20, tax 9.77.
        yield 'a hotel with breakfast' => [[new TaxShare(700, 7000), new TaxShare(1900, 3000)], 20400, 934 + 977, 1000 + 1163];
        yield 'one cent' => [[new TaxShare(1900)], 1, 0, 0];
        yield 'a reversal' => [[new TaxShare(1900)], -11900, -1900, -2261];
        yield 'parts of a cent' => [[new TaxShare(2000, 3333), new TaxShare(1000, 3333), new TaxShare(0, 3334)], 100, 6 + 3, 7 + 3];
    }

    public function test_net_and_tax_always_add_up_and_agree_with_another_computation(): void
    {
        $random = new Randomizer(new Mt19937(19));
        for ($number = 0; $number < 500; $number++) {
            $first = $random->getInt(1, 9999);
            $rates = [$random->getInt(0, 3000), $random->getInt(0, 3000)];
            $minor = $random->getInt(-500_000, 5_000_000);
            $shares = TaxShares::of([new TaxShare($rates[0], $first), new TaxShare($rates[1], 10000 - $first)]);
            $taxed = $shares->included(Currency::of('EUR')->minor($minor));
            $part = self::rounded($minor * $first, 10000);
            $tax = 0;
            foreach ([$part, $minor - $part] as $index => $of) {
                $tax += self::rounded($of * $rates[$index], 10000 + $rates[$index]);
            }
            self::assertSame($tax, $taxed->tax->minor, "case $number");
            self::assertSame($minor, $taxed->net()->plus($taxed->tax)->minor);
            $onTop = $shares->onTop(Currency::of('EUR')->minor($minor));
            self::assertSame($minor, $onTop->net()->minor);
            // What is reversed comes to nothing.
            self::assertSame(0, $taxed->tax->minor + $shares->included(Currency::of('EUR')->minor(-$minor))->tax->minor);
        }
    }

    public function test_other_currencies_are_worth_what_their_day_says(): void
    {
        self::assertSame('108.23', ExchangeRate::of('1.0823')->convert(Currency::of('CHF')->amount('100'))->toString());
        self::assertSame('9.30', ExchangeRate::of('0.0062')->convert(Currency::of('JPY', 0)->amount('1500'))->toString());
        self::assertSame('-0.01', ExchangeRate::of('0.5')->convert(new Amount(-1, Currency::of('EUR')))->toString());
        self::assertSame('12.34', ExchangeRate::one()->convert(Currency::of('EUR')->amount('12.34'))->toString());
        self::assertSame(['1.0823', '10', '1'], [ExchangeRate::of('1.08230')->toString(), ExchangeRate::of('10')->toString(), ExchangeRate::one()->toString()]);
        $random = new Randomizer(new Mt19937(23));
        for ($number = 0; $number < 300; $number++) {
            $minor = $random->getInt(-9_999_999, 9_999_999);
            $millionths = $random->getInt(1, 300_999_999);
            $rate = sprintf('%d.%06d', intdiv($millionths, 1_000_000), $millionths % 1_000_000);
            self::assertSame(self::rounded($minor * $millionths, 1_000_000), ExchangeRate::of($rate)->convert(Currency::of('GBP')->minor($minor))->cents());
        }
    }

    public function test_an_expense_is_owed_gross_and_borne_net_where_the_tax_comes_back(): void
    {
        $francs = TaxShares::of([new TaxShare(810)])->included(Currency::of('CHF', 2, 5)->amount('108.10'));
        $cost = static fn (bool $reclaims, int $step = 1): array => array_map(static fn (Money $money): string => $money->toString(), (array) ExpenseCost::of($francs, ExchangeRate::of('1.0823'), $reclaims, $step));

        self::assertSame('8.10', $francs->tax->toString());
        self::assertSame(['gross' => '117.00', 'cost' => '108.23'], $cost(true));
        self::assertSame(['gross' => '117.00', 'cost' => '117.00'], $cost(false));
        self::assertSame(['gross' => '117.00', 'cost' => '108.23'], $cost(true, 5));
        self::assertSame('0.05', ExchangeRate::of('0.03')->convert(Currency::of('JPY', 0)->amount('1'), 5)->toString());
    }

    public function test_a_distance_costs_what_the_rate_of_its_day_says(): void
    {
        $rates = new MileageRates([MileageRate::of(Day::of('2026-06-15'), '0.38'), MileageRate::of(Day::of('2026-01-01'), '0.3')]);
        $cost = static fn (string $day, string $distance): ?string => $rates->on(Day::of($day))?->costOf(Distance::of($distance))->toString();

        self::assertSame('37.05', $cost('2026-06-14', '123.5'));
        self::assertSame('46.93', $cost('2026-06-15', '123.5'));
        self::assertNull($cost('2025-12-31', '10'));
        self::assertSame('0.00', MileageRate::of(Day::of('2026-01-01'), '0')->costOf(Distance::of('9999.9'))->toString());
        self::assertSame(['0.30', '0.3825', '12', '12.5'], [$rates->on(Day::of('2026-02-01'))?->toString(), MileageRate::of(Day::of('2026-01-01'), '0.3825')->toString(), Distance::of('12.0')->toString(), Distance::of('12.5')->toString()]);
    }

    /** What is left after whole units decides: at least half of one more goes away from zero. */
    private static function rounded(int $part, int $whole): int
    {
        $units = intdiv(abs($part), $whole);
        $units += 2 * (abs($part) - $units * $whole) >= $whole ? 1 : 0;

        return $part < 0 ? -$units : $units;
    }
}
