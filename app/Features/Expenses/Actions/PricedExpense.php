<?php

declare(strict_types=1);

namespace App\Features\Expenses\Actions;

use App\Expenses\Currencies;
use App\Models\ExpenseCategory;
use App\Support\Language\Wording;
use Moss\Core\Expenses\AmountText;
use Moss\Core\Expenses\Distance;
use Moss\Core\Expenses\ExchangeRate;
use Moss\Core\Expenses\ExpenseCost;
use Moss\Core\Expenses\MileageRates;
use Moss\Core\Expenses\NotAnAmount;
use Moss\Core\Expenses\TaxedAmount;

/** What an expense comes to, by what was entered and what the office says of its category and currency. */
final readonly class PricedExpense
{
    private function __construct(
        private TaxedAmount $amount,
        private ExchangeRate $rate,
        private ExpenseCost $cost,
        private ?int $currency,
        private ?Distance $distance,
        private ?string $mileageRate,
    ) {
    }

    /** @throws ExpenseRefused */
    public static function of(ExpenseInput $input, ExpenseCategory $category, Currencies $currencies): self
    {
        $code = $category->mileage ? $currencies->own->code : $input->currency;
        if (! $currencies->has($code)) {
            throw ExpenseRefused::because(Wording::of('expenses.currency'), 'currency');
        }
        [$distance, $mileageRate] = [null, null];
        if ($category->mileage) {
            $distance = self::distance($input->distance);
            $rate = (new MileageRates(array_values($category->mileageRates->map(static fn ($rate) => $rate->rate())->all())))->on($input->day)
                ?? throw ExpenseRefused::because(Wording::of('expenses.no_mileage_rate', ['day' => Wording::day($input->day)]), 'date');
            $mileageRate = $rate->toString();
            $amount = $category->taxShares()->included($currencies->own->minor($rate->costOf($distance)->cents()));
        } else {
            $amount = self::amount($input, $category, $currencies);
        }
        $exchange = self::exchangeRate($input, $code, $currencies);

        return new self($amount, $exchange, ExpenseCost::of($amount, $exchange, $category->reclaims_tax, $currencies->step), $currencies->id($code), $distance, $mileageRate);
    }

    /** @return array<string, mixed> by column */
    public function columns(): array
    {
        return [
            'currency_id' => $this->currency, 'gross_minor' => $this->amount->gross->minor, 'tax_minor' => $this->amount->tax->minor, 'exchange_rate' => $this->rate->toString(),
            'gross_cents' => $this->cost->gross, 'cost_cents' => $this->cost->cost, 'distance_tenths' => $this->distance?->tenths, 'mileage_rate' => $this->mileageRate,
        ];
    }

    /** @throws ExpenseRefused */
    private static function amount(ExpenseInput $input, ExpenseCategory $category, Currencies $currencies): TaxedAmount
    {
        $currency = $currencies->of($input->currency);
        try {
            $typed = $currency->amount(AmountText::decimal($input->amount) ?? '');
        } catch (NotAnAmount) {
            throw ExpenseRefused::because(Wording::of('expenses.amount', ['places' => $currency->places]), 'amount');
        }
        if ($typed->minor < 0) {
            throw ExpenseRefused::because(Wording::of('expenses.amount', ['places' => $currency->places]), 'amount');
        }
        if (trim($input->tax) === '') {
            return $input->isNet ? $category->taxShares()->onTop($typed) : $category->taxShares()->included($typed);
        }
        try {
            $tax = $currency->amount(AmountText::decimal($input->tax) ?? '');

            return TaxedAmount::of($input->isNet ? $typed->plus($tax) : $typed, $tax);
        } catch (NotAnAmount) {
            throw ExpenseRefused::because(Wording::of('expenses.tax'), 'tax');
        }
    }

    /** @throws ExpenseRefused */
    private static function exchangeRate(ExpenseInput $input, string $code, Currencies $currencies): ExchangeRate
    {
        if ($code === $currencies->own->code || trim($input->rate) === '') {
            return $currencies->rateOn($code, $input->day)
                ?? throw ExpenseRefused::because(Wording::of('expenses.no_rate', ['currency' => $code, 'day' => Wording::day($input->day)]), 'rate');
        }
        try {
            return ExchangeRate::of(AmountText::decimal($input->rate, false) ?? '');
        } catch (NotAnAmount) {
            throw ExpenseRefused::because(Wording::of('expenses.rate', ['currency' => $code, 'own' => $currencies->own->code]), 'rate');
        }
    }

    /** @throws ExpenseRefused */
    private static function distance(string $typed): Distance
    {
        try {
            return Distance::of(AmountText::decimal($typed) ?? '');
        } catch (NotAnAmount) {
            throw ExpenseRefused::because(Wording::of('expenses.distance'), 'distance');
        }
    }
}
