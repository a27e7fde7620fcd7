<?php

declare(strict_types=1);

namespace Tests\App\Expenses;

use App\Models\Currency;
use App\Models\ExchangeRate;
use App\Models\Expense;
use App\Models\ExpenseCategory;
use App\Models\MileageRate;
use Illuminate\Support\ViewErrorBag;
use Tests\App\Lighthouse;

/** The organisation of the tests with categories, currencies and rates; it is 17 June 2026. */
trait ExpensesHouse
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(Lighthouse::files());
        $this->itIs('2026-06-17');
        ExpenseCategory::query()->create(['code' => 'hotel', 'name' => 'Hotel', 'tax_shares' => [[700, 7000], [1900, 3000]], 'limit_cents' => 15000, 'charged' => true]);
        ExpenseCategory::query()->create(['code' => 'meals', 'name' => 'Meals', 'tax_shares' => [[1900, 10000]], 'reclaims_tax' => false]);
        $mileage = ExpenseCategory::query()->create(['code' => 'car', 'name' => 'Own car', 'mileage' => true]);
        MileageRate::query()->create(['expense_category_id' => $mileage->id, 'starts_on' => '2026-01-01', 'rate' => '0.30']);
        MileageRate::query()->create(['expense_category_id' => $mileage->id, 'starts_on' => '2026-06-16', 'rate' => '0.38']);
        $francs = Currency::query()->create(['code' => 'CHF', 'places' => 2, 'step' => 5]);
        ExchangeRate::query()->create(['currency_id' => $francs->id, 'starts_on' => '2026-06-01', 'rate' => '1.05']);
        ExchangeRate::query()->create(['currency_id' => $francs->id, 'starts_on' => '2026-06-16', 'rate' => '1.0823']);
        Currency::query()->create(['code' => 'JPY', 'places' => 0, 'step' => 1]);
    }

    /**
     * @param  array<string, mixed>  $changed
     * @return array<string, mixed> a meal of ada on Monday
     */
    protected function meal(array $changed = []): array
    {
        return $changed + [
            'date' => '2026-06-15', 'task' => $this->task('FIT')->id, 'category' => 'meals', 'amount' => '11.90', 'tax' => '', 'isNet' => false, 'currency' => 'EUR', 'rate' => '', 'distance' => '',
            'from' => '', 'to' => '', 'trip' => '', 'isOwnMoney' => true, 'isCharged' => false, 'note' => '', 'clientNote' => '', 'explanation' => '', 'receipts' => [],
        ];
    }

    /** What the last request was told about a field. */
    protected static function errorOf(string $field): string
    {
        $errors = session('errors');

        return $errors instanceof ViewErrorBag ? (string) $errors->getBag('default')->first($field) : '';
    }

    /** @param  array<string, mixed>  $changed */
    protected function add(array $changed = [], string $person = 'ada'): Expense
    {
        $this->actingAs($this->person($person))->post("/people/$person/expenses", $this->meal($changed))->assertSessionHasNoErrors()->assertRedirect();

        return Expense::query()->orderByDesc('id')->firstOrFail();
    }
}
