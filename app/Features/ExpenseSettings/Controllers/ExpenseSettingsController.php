<?php

declare(strict_types=1);

namespace App\Features\ExpenseSettings\Controllers;

use App\Features\ExpenseSettings\Actions\KeepCurrencies;
use App\Features\ExpenseSettings\Actions\KeepExpenseCategories;
use App\Features\ExpenseSettings\Queries\ExpenseSettingsPage;
use App\Features\ExpenseSettings\Requests\CurrencyRequest;
use App\Features\ExpenseSettings\Requests\ExpenseCategoryRequest;
use App\Features\ExpenseSettings\Requests\MileageRateRequest;
use App\Http\Input\Address;
use App\Models\Currency;
use App\Models\ExchangeRate;
use App\Models\ExpenseCategory;
use App\Models\MileageRate;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;

/** Categories of expenses, currencies, and their rates. */
final readonly class ExpenseSettingsController
{
    public function __construct(private KeepExpenseCategories $categories, private KeepCurrencies $currencies)
    {
    }

    public function index(Request $request): Response
    {
        Gate::authorize('keep', Organisation::class);

        return Inertia::render('ExpenseSettings', ['settings' => ExpenseSettingsPage::of(Address::of($request)->text('category'))]);
    }

    public function store(#[CurrentUser] Person $office, ExpenseCategoryRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $this->categories->save($office, new ExpenseCategory, $request->values(), $request->teams());

        return $this->opened($request->string('code')->toString())->with('message', Wording::of('expense_settings.saved'));
    }

    public function update(#[CurrentUser] Person $office, ExpenseCategory $expenseCategory, ExpenseCategoryRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $this->categories->save($office, $expenseCategory, $request->values(), $request->teams());

        return $this->opened($expenseCategory->code)->with('message', Wording::of('expense_settings.saved'));
    }

    public function destroy(#[CurrentUser] Person $office, ExpenseCategory $expenseCategory): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $isGone = $this->categories->remove($office, $expenseCategory);

        return redirect()->route('office.expenses')->with($isGone ? 'message' : 'refusal', Wording::of($isGone ? 'expense_settings.removed' : 'expense_settings.used'));
    }

    public function addMileageRate(#[CurrentUser] Person $office, ExpenseCategory $expenseCategory, MileageRateRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $this->categories->setMileageRate($office, $expenseCategory, $request->from(), $request->rate());

        return $this->opened($expenseCategory->code)->with('message', Wording::of('expense_settings.rate_saved'));
    }

    public function removeMileageRate(#[CurrentUser] Person $office, MileageRate $mileageRate): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $this->categories->removeMileageRate($office, $mileageRate);

        return back()->with('message', Wording::of('expense_settings.rate_removed'));
    }

    public function saveCurrency(#[CurrentUser] Person $office, CurrencyRequest $request): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $this->currencies->save($office, $request->code(), $request->integer('places'), (int) $request->step(), $request->rate());

        return back()->with('message', Wording::of('expense_settings.currency_saved'));
    }

    public function removeCurrency(#[CurrentUser] Person $office, Currency $currency): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $isGone = $this->currencies->remove($office, $currency);

        return back()->with($isGone ? 'message' : 'refusal', Wording::of($isGone ? 'expense_settings.currency_removed' : 'expense_settings.currency_used'));
    }

    public function removeExchangeRate(#[CurrentUser] Person $office, ExchangeRate $exchangeRate): RedirectResponse
    {
        Gate::authorize('keep', Organisation::class);
        $this->currencies->removeRate($office, $exchangeRate);

        return back()->with('message', Wording::of('expense_settings.rate_removed'));
    }

    private function opened(string $category): RedirectResponse
    {
        return redirect()->route('office.expenses', ['category' => $category]);
    }
}
