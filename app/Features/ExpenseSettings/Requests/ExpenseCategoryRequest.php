<?php

declare(strict_types=1);

namespace App\Features\ExpenseSettings\Requests;

use App\Http\Input\BoundedRequest;
use App\Models\ExpenseCategory;
use App\Models\Team;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Moss\Core\Expenses\AmountText;
use Moss\Core\Expenses\Currency;
use Moss\Core\Expenses\LimitPer;
use Moss\Core\Expenses\NotAnAmount;
use Moss\Core\Expenses\TaxShare;
use Moss\Core\Expenses\TaxShares;

/** A category as the office enters it; percentages and amounts as people write them. */
final class ExpenseCategoryRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $category = $this->route('expenseCategory');

        return [
            'code' => ['required', 'string', 'regex:/^[a-z0-9][a-z0-9._-]{0,39}$/D', Rule::unique('expense_categories', 'code')->ignore($category instanceof ExpenseCategory ? $category->id : null)],
            'name' => ['required', 'string', 'max:100'],
            'isActive' => ['nullable', 'boolean'],
            'isMileage' => ['nullable', 'boolean'],
            'reclaimsTax' => ['nullable', 'boolean'],
            'isCharged' => ['nullable', 'boolean'],
            'taxShares' => ['required', 'list', 'min:1', 'max:5'],
            'taxShares.*.rate' => ['required', 'string', 'max:10'],
            'taxShares.*.share' => ['required', 'string', 'max:10'],
            'limit' => ['nullable', 'string', 'max:20'],
            'limitPer' => ['required', Rule::enum(LimitPer::class)],
            'teams' => ['nullable', 'list', 'max:50'],
            'teams.*' => ['string', Rule::exists('teams', 'code')],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'code.required' => Wording::of('expense_settings.code'), 'code.regex' => Wording::of('expense_settings.code'), 'code.unique' => Wording::of('expense_settings.code_taken'),
            'name' => Wording::of('expense_settings.name'), 'taxShares' => Wording::of('expense_settings.tax'), 'taxShares.*.rate' => Wording::of('expense_settings.tax'),
            'taxShares.*.share' => Wording::of('expense_settings.tax'), 'teams.*' => Wording::of('expense_settings.team'),
        ];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            try {
                $this->taxShares();
            } catch (NotAnAmount) {
                $validator->errors()->add('taxShares', Wording::of('expense_settings.tax'));
            }
            try {
                $this->limit();
            } catch (NotAnAmount) {
                $validator->errors()->add('limit', Wording::of('expense_settings.limit'));
            }
        }];
    }

    /** @return array<string, mixed> by column */
    public function values(): array
    {
        return [
            'code' => $this->string('code')->toString(), 'name' => $this->string('name')->trim()->toString(), 'active' => $this->boolean('isActive'), 'mileage' => $this->boolean('isMileage'),
            'reclaims_tax' => $this->boolean('reclaimsTax'), 'charged' => $this->boolean('isCharged'), 'limit_cents' => $this->limit(), 'limit_per' => $this->string('limitPer')->toString(),
            'tax_shares' => array_map(static fn (TaxShare $share): array => [$share->rate, $share->share], $this->taxShares()->shares),
        ];
    }

    /** @return list<int> */
    public function teams(): array
    {
        return array_values(array_filter(Team::query()->whereIn('code', $this->array('teams'))->pluck('id')->all(), is_int(...)));
    }

    /** @throws NotAnAmount */
    private function taxShares(): TaxShares
    {
        /** @var list<array{rate: string, share: string}> $shares */
        $shares = $this->array('taxShares');
        // A percentage has two places, like an amount.
        $hundredths = static fn (string $typed): int => Currency::of('XXX')->amount(AmountText::decimal($typed) ?? '')->minor;

        return TaxShares::of(array_map(static fn (array $share): TaxShare => new TaxShare($hundredths($share['rate']), $hundredths($share['share'])), $shares));
    }

    /** @throws NotAnAmount */
    private function limit(): ?int
    {
        if (! $this->filled('limit')) {
            return null;
        }
        $cents = Currency::of('XXX')->amount(AmountText::decimal($this->string('limit')->toString()) ?? '')->minor;

        return $cents < 0 ? throw NotAnAmount::text($this->string('limit')->toString()) : $cents;
    }
}
