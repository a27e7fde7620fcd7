<?php

declare(strict_types=1);

namespace Tests\Core\Money;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Eris\Generators;
use Eris\TestTrait;
use Moss\Core\Calendar\Day;
use Moss\Core\Money\Cost;
use Moss\Core\Money\DatedRate;
use Moss\Core\Money\Money;
use Moss\Core\Money\NotMoney;
use Moss\Core\Money\Pricing;
use Moss\Core\Money\Rate;
use Moss\Core\Money\RateCard;
use Moss\Core\Time\Minutes;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class PricingTest extends TestCase
{
    use TestTrait;

    #[DataProvider('costs')]
    public function test_minutes_cost_half_up_to_the_cent(int $minutes, string $rate, string $cost): void
    {
        self::assertSame($cost, Rate::of($rate)->costOf(Minutes::of($minutes))->toString());
    }

    /** @return iterable<string, array{int, string, string}> */
    public static function costs(): iterable
    {
        yield '4 h at 100.00' => [240, '100.00', '400.00'];
        yield '50 min at 87.65' => [50, '87.65', '73.04'];
        yield '5 min at 87.65' => [5, '87.65', '7.30'];
        yield '20 min at 50.00' => [20, '50', '16.67'];
        yield 'exactly half a cent' => [30, '0.01', '0.01'];
        yield 'just below half a cent' => [29, '0.01', '0.00'];
        yield 'a correction cancels to the cent' => [-30, '0.01', '-0.01'];
        yield 'four places' => [60, '87.6549', '87.65'];
        yield 'nothing' => [0, '87.65', '0.00'];
        yield 'free' => [480, '0', '0.00'];
    }

    public function test_totals_add_rounded_entries(): void
    {
        $entry = Cost::known(Rate::of('50')->costOf(Minutes::of(20)));

        self::assertSame('50.01', $entry->plus($entry)->plus($entry)->known->toString());
    }

    #[DataProvider('lookups')]
    public function test_the_rate_in_force(string $person, ?string $role, string $day, ?string $cost): void
    {
        $pricing = Pricing::from(RateCard::of([
            new DatedRate('ada', null, Day::of('2026-01-01'), Rate::of('50'), Rate::of('90')),
            new DatedRate('ada', null, Day::of('2026-07-01'), Rate::of('55'), null),
            new DatedRate(null, 'surveyor', Day::of('2026-01-01'), Rate::of('40'), null),
            new DatedRate('ada', 'senior', Day::of('2026-06-01'), Rate::of('70'), null),
        ]), ['ada' => 'surveyor', 'bo' => 'surveyor', 'cy' => null]);

        $found = $pricing->cost($person, $role, Day::of($day), Minutes::ofHours(1));

        self::assertSame($cost ?? '0.00', $found->known->toString());
        self::assertSame($cost === null ? 60 : 0, $found->unrated->toInt());
    }

    /** @return iterable<string, array{string, string|null, string, string|null}> */
    public static function lookups(): iterable
    {
        yield 'person and role first' => ['ada', 'senior', '2026-06-01', '70.00'];
        yield 'the day before, the person only' => ['ada', 'senior', '2026-05-31', '50.00'];
        yield 'person before role' => ['ada', 'surveyor', '2026-06-30', '50.00'];
        yield 'the later rate from its day' => ['ada', null, '2026-07-01', '55.00'];
        yield 'person and role stays ahead of a later person rate' => ['ada', 'senior', '2026-08-01', '70.00'];
        yield 'the role' => ['bo', 'surveyor', '2026-06-01', '40.00'];
        yield 'the usual role' => ['bo', null, '2026-06-01', '40.00'];
        yield 'an own role without a rate is unknown' => ['bo', 'senior', '2026-06-01', null];
        yield 'before any rate' => ['bo', 'surveyor', '2025-12-31', null];
        yield 'no role at all' => ['cy', null, '2026-06-01', null];
    }

    public function test_rates_change_between_stretches_only(): void
    {
        $rates = [new DatedRate('ada', null, Day::of('2026-01-10'), Rate::of('50'), null), new DatedRate(null, 'surveyor', Day::of('2026-01-05'), Rate::of('40'), null), new DatedRate('ada', 'surveyor', Day::of('2026-01-10'), Rate::of('60'), null)];
        $pricing = Pricing::from(RateCard::of($rates), ['ada' => null, 'bo' => 'surveyor']);
        $stretches = [];
        for ($day = Day::of('2026-01-01'); $day->isBefore(Day::of('2026-01-20')); $day = $day->plusDays(1)) {
            $inForce = array_map(static fn (array $who): ?DatedRate => $pricing->rateInForce($who[0], $who[1], $day), [['ada', null], ['ada', 'surveyor'], ['bo', null]]);
            $stretches[$pricing->stretchOf($day)][] = $inForce;
            self::assertSame($inForce, $stretches[$pricing->stretchOf($day)][0], $day->toString());
        }
        self::assertSame([4, 5, 10], array_map(count(...), array_values($stretches)));
    }

    public function test_bills_are_nothing_where_not_billable_and_unknown_without_a_bill_rate(): void
    {
        $pricing = Pricing::from(RateCard::of([
            new DatedRate('ada', null, Day::of('2026-01-01'), Rate::of('50'), Rate::of('90')),
            new DatedRate('bo', null, Day::of('2026-01-01'), Rate::of('50'), null),
        ]), []);
        $day = Day::of('2026-06-01');

        self::assertSame('45.00', $pricing->bill('ada', null, $day, Minutes::of(30), true)->known->toString());
        self::assertSame('0.00', $pricing->bill('ada', null, $day, Minutes::of(30), false)->known->toString());
        self::assertSame(30, $pricing->bill('bo', null, $day, Minutes::of(30), true)->unrated->toInt());
        self::assertSame(0, $pricing->bill('bo', null, $day, Minutes::of(30), false)->unrated->toInt());
    }

    public function test_a_team_has_only_its_roles_rate(): void
    {
        $pricing = Pricing::from(RateCard::of([new DatedRate(null, 'surveyor', Day::of('2026-01-01'), Rate::of('40'), null)]), []);

        self::assertSame('40.00', $pricing->cost(null, 'surveyor', Day::of('2026-06-01'), Minutes::ofHours(1))->known->toString());
        self::assertSame(60, $pricing->cost(null, null, Day::of('2026-06-01'), Minutes::ofHours(1))->unrated->toInt());
    }

    public function test_money_prints_as_it_reads(): void
    {
        $this->forAll(Generators::choose(0, 99_999_999_999))->then(static function (int $cents): void {
            self::assertSame($cents, Money::of(Money::ofCents($cents)->toString())->cents());
        });
    }

    #[DataProvider('noMoney')]
    public function test_what_is_no_amount_is_refused(string $text): void
    {
        $this->expectException(NotMoney::class);
        Money::of($text);
    }

    /** @return iterable<array{string}> */
    public static function noMoney(): iterable
    {
        foreach (['', '-1', '1,5', '1.234', '1e3', '1 000', '.5', '5.', 'EUR 5', '9999999999999'] as $text) {
            yield [$text];
        }
    }

    public function test_a_rate_keeps_its_places(): void
    {
        self::assertSame('87.65', Rate::of('87.6500')->toString());
        self::assertSame('87.6549', Rate::of('87.6549')->toString());
        self::assertSame('100.00', Rate::of('100')->toString());
        $this->expectException(NotMoney::class);
        Rate::of('-1');
    }

    /** What is worked out in whole numbers is what decimals of any size give, for small and large, positive and negative. */
    public function test_whole_numbers_and_decimals_agree(): void
    {
        $random = new Randomizer(new Mt19937(65));
        for ($time = 0; $time < 500; $time++) {
            $minutes = $random->getInt(-150_000, 150_000);
            $rate = $random->getInt(0, 10 ** $random->getInt(1, 9) - 1).'.'.$random->getInt(0, 9999);
            $decimal = BigDecimal::of($rate)->multipliedBy($minutes)->dividedBy(60, 2, RoundingMode::HALF_UP);
            self::assertSame((string) $decimal, Rate::of($rate)->costOf(Minutes::of($minutes))->toString(), "$minutes min at $rate");

            $cents = $random->getInt(-10 ** $random->getInt(1, 11), 10 ** $random->getInt(1, 11));
            $part = $random->getInt(-100_000, 100_000);
            $whole = $random->getInt(1, 100_000) * ($random->getInt(0, 1) * 2 - 1);
            $share = BigDecimal::of($cents)->multipliedBy($part)->dividedBy($whole, 0, RoundingMode::HALF_UP);
            self::assertSame($share->toInt(), Money::ofCents($cents)->share($part, $whole)->cents(), "$cents cents × $part ÷ $whole");
        }
    }
}
