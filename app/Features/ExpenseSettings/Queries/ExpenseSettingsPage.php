<?php

declare(strict_types=1);

namespace App\Features\ExpenseSettings\Queries;

use App\Features\ExpenseSettings\Props\CategorySettingsProps;
use App\Features\ExpenseSettings\Props\CurrencySettingsProps;
use App\Features\ExpenseSettings\Props\DatedRateProps;
use App\Features\ExpenseSettings\Props\ExpenseSettingsProps;
use App\Features\ExpenseSettings\Props\TaxShareProps;
use App\Lookup\Props\OptionProps;
use App\Models\Currency;
use App\Models\ExchangeRate;
use App\Models\ExpenseCategory;
use App\Models\MileageRate;
use App\Models\Organisation;
use App\Models\Team;
use Brick\Math\BigDecimal;

/** All categories and currencies, in a fixed number of queries. */
final class ExpenseSettingsPage
{
    /** Older rates of a currency that is quoted daily are in files. */
    private const MOST_RATES = 12;

    public static function of(string $opened): ExpenseSettingsProps
    {
        $categories = ExpenseCategory::query()->with('teams', 'mileageRates')->orderBy('name')->get();

        return new ExpenseSettingsProps(
            array_values($categories->map(self::category(...))->all()), $categories->contains('code', $opened) ? $opened : null,
            array_values(Currency::query()->with(['rates' => static fn ($rates) => $rates->orderByDesc('starts_on')->limit(self::MOST_RATES)])->orderBy('code')->get()->map(self::currency(...))->all()),
            Organisation::query()->sole()->currency,
        );
    }

    private static function category(ExpenseCategory $category): CategorySettingsProps
    {
        return new CategorySettingsProps(
            $category->id, $category->code, $category->name, $category->active, $category->mileage, $category->reclaims_tax, $category->charged,
            array_map(static fn (array $share): TaxShareProps => new TaxShareProps(self::percent($share[0]), self::percent($share[1])), $category->tax_shares),
            $category->limit_cents?->toString() ?? '', $category->limit_per,
            array_values($category->teams->map(static fn (Team $team): OptionProps => new OptionProps($team->code, $team->name))->all()),
            array_values($category->mileageRates->sortByDesc(static fn (MileageRate $rate): string => $rate->starts_on->toString())->map(static fn (MileageRate $rate): DatedRateProps => new DatedRateProps($rate->id, $rate->starts_on->toString(), $rate->rate))->all()),
        );
    }

    private static function currency(Currency $currency): CurrencySettingsProps
    {
        return new CurrencySettingsProps(
            $currency->id, $currency->code, $currency->places, $currency->currency()->minor($currency->step)->toString(),
            array_values($currency->rates->map(static fn (ExchangeRate $rate): DatedRateProps => new DatedRateProps($rate->id, $rate->starts_on->toString(), $rate->rate))->all()),
        );
    }

    private static function percent(int $hundredths): string
    {
        $percent = BigDecimal::ofUnscaledValue($hundredths, 2)->stripTrailingZeros();

        return (string) $percent->toScale(max(0, $percent->getScale()));
    }
}
