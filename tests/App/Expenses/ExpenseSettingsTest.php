<?php

declare(strict_types=1);

namespace Tests\App\Expenses;

use App\Models\AuditTrailRow;
use App\Models\Currency;
use App\Models\ExchangeRate;
use App\Models\ExpenseCategory;
use App\Models\MileageRate;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\App\TestCase;

final class ExpenseSettingsTest extends TestCase
{
    use ExpensesHouse;

    private const CATEGORY = ['code' => 'rail', 'name' => 'Rail', 'isActive' => true, 'taxShares' => [['rate' => '7', 'share' => '70'], ['rate' => '19,5', 'share' => '30']], 'limit' => '1.200,00', 'limitPer' => 'day', 'teams' => ['field'], 'reclaimsTax' => true];

    public function test_a_category_is_added_changed_and_removed(): void
    {
        $this->actingAs($this->person('kit'))->post('/office/expenses/categories', self::CATEGORY)->assertSessionHasNoErrors()->assertRedirect('/office/expenses?category=rail');
        $rail = ExpenseCategory::query()->where('code', 'rail')->with('teams')->sole();
        self::assertSame([[[700, 7000], [1950, 3000]], 120000, 'day', ['field']], [$rail->tax_shares, $rail->limit_cents?->cents(), $rail->limit_per->value, $rail->teams->pluck('code')->all()]);
        self::assertSame(['rate' => '19.5', 'share' => '30'], $this->given('/office/expenses?category=rail')->value('settings.categories.3.taxShares.1'));

        $this->put("/office/expenses/categories/$rail->id", ['name' => 'Trains', 'teams' => [], 'isActive' => false] + self::CATEGORY)->assertSessionHasNoErrors();
        self::assertSame(['Trains', false, 0], [$rail->refresh()->name, $rail->active, $rail->teams()->count()]);
        $this->delete("/office/expenses/categories/$rail->id")->assertSessionHas('message');
        $this->add();
        $this->actingAs($this->person('kit'))->delete('/office/expenses/categories/'.ExpenseCategory::query()->where('code', 'meals')->sole()->id)->assertSessionHas('refusal');
        self::assertSame(['add', 'change', 'remove'], AuditTrailRow::query()->where('subject', 'expense setting')->orderBy('id')->pluck('act')->all());
    }

    /** @param  array<string, mixed>  $changed */
    #[DataProvider('refused')]
    public function test_what_a_category_cannot_be(array $changed, string $field): void
    {
        $this->actingAs($this->person('kit'))->post('/office/expenses/categories', $changed + self::CATEGORY)->assertSessionHasErrors($field);

        self::assertFalse(ExpenseCategory::query()->where('name', 'Rail')->exists());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refused(): iterable
    {
        yield 'a code with a blank' => [['code' => 'rail way'], 'code'];
        yield 'a code that there is' => [['code' => 'meals'], 'code'];
        yield 'no name' => [['name' => ' '], 'name'];
        yield 'shares of less than the whole' => [['taxShares' => [['rate' => '7', 'share' => '70']]], 'taxShares'];
        yield 'no rate of tax' => [['taxShares' => [['rate' => 'seven', 'share' => '100']]], 'taxShares'];
        yield 'all of it tax' => [['taxShares' => [['rate' => '100', 'share' => '100']]], 'taxShares'];
        yield 'a limit below nothing' => [['limit' => '-1'], 'limit'];
        yield 'no such team' => [['teams' => ['nobody']], 'teams.0'];
    }

    public function test_rates_hold_from_a_day_on(): void
    {
        $car = ExpenseCategory::query()->where('code', 'car')->sole();
        $this->actingAs($this->person('kit'))->post("/office/expenses/categories/$car->id/mileage-rates", ['mileageFrom' => '2026-06-16', 'mileageRate' => '0,40'])->assertSessionHasNoErrors();
        $this->post("/office/expenses/categories/$car->id/mileage-rates", ['mileageFrom' => '2026-07-01', 'mileageRate' => 'much'])->assertSessionHasErrors('mileageRate');
        self::assertSame(['0.30', '0.40'], MileageRate::query()->orderBy('starts_on')->pluck('rate')->all());
        $this->delete('/office/expenses/mileage-rates/'.MileageRate::query()->orderByDesc('starts_on')->firstOrFail()->id);
        self::assertSame(1, MileageRate::query()->count());

        $francs = ['currency' => 'CHF', 'places' => 2, 'smallest' => '0,05', 'rate' => '1,09', 'from' => '2026-06-17'];
        $this->put('/office/expenses/currencies', $francs)->assertSessionHasNoErrors();
        $this->put('/office/expenses/currencies', ['currency' => 'SEK', 'places' => 2, 'smallest' => '1'])->assertSessionHasNoErrors();
        self::assertSame([5, 100], [Currency::query()->where('code', 'CHF')->sole()->step, Currency::query()->where('code', 'SEK')->sole()->step]);
        self::assertSame(['1.05', '1.0823', '1.09'], ExchangeRate::query()->orderBy('starts_on')->pluck('rate')->all());
        foreach (['currency' => 'franc', 'places' => 4, 'smallest' => '0.001', 'rate' => '-1', 'from' => ''] as $field => $value) {
            $this->put('/office/expenses/currencies', [$field => $value] + $francs)->assertSessionHasErrors($field);
        }
        $this->put('/office/expenses/currencies', ['currency' => 'EUR'] + $francs)->assertSessionHasErrors('rate');
        $this->delete('/office/expenses/exchange-rates/'.ExchangeRate::query()->orderByDesc('starts_on')->firstOrFail()->id);
        self::assertSame(2, ExchangeRate::query()->count());
        $this->add(['currency' => 'CHF']);
        $this->actingAs($this->person('kit'))->delete('/office/expenses/currencies/'.Currency::query()->where('code', 'CHF')->sole()->id)->assertSessionHas('refusal');
        $this->delete('/office/expenses/currencies/'.Currency::query()->where('code', 'SEK')->sole()->id)->assertSessionHas('message');
    }
}
