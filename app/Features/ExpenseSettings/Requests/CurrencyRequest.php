<?php

declare(strict_types=1);

namespace App\Features\ExpenseSettings\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Models\Organisation;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Validation\Validator;
use Moss\Core\Calendar\Day;
use Moss\Core\Expenses\AmountText;
use Moss\Core\Expenses\Currency;
use Moss\Core\Expenses\ExchangeRate;
use Moss\Core\Expenses\NotAnAmount;

/** A currency, how it is rounded, and a rate from a day on. */
final class CurrencyRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'currency' => ['required', 'string', 'regex:/^[A-Z]{3}$/D'],
            'places' => ['required', 'integer', 'between:0,3'],
            'smallest' => ['required', 'string', 'max:10'],
            'rate' => ['nullable', 'string', 'max:20', 'required_with:from'],
            'from' => ['nullable', 'string', new WorkDay(Wording::of('expense_settings.from')), 'required_with:rate'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'currency' => Wording::of('expense_settings.currency'), 'places' => Wording::of('expense_settings.places'), 'smallest' => Wording::of('expense_settings.smallest'),
            'rate' => Wording::of('expense_settings.rate'), 'from.required_with' => Wording::of('expense_settings.from'),
        ];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            if ($this->step() === null) {
                $validator->errors()->add('smallest', Wording::of('expense_settings.smallest'));
            }
            if ($this->filled('rate') && ($this->code() === Organisation::query()->sole()->currency || $this->decimalRate() === null)) {
                $validator->errors()->add('rate', Wording::of($this->decimalRate() === null ? 'expense_settings.rate' : 'expense_settings.own_rate'));
            }
        }];
    }

    public function code(): string
    {
        return $this->string('currency')->toString();
    }

    /** @return int|null in minor units; null for what is no coin */
    public function step(): ?int
    {
        try {
            $step = Currency::of('XXX', $this->integer('places'))->amount(AmountText::decimal($this->string('smallest')->toString(), false) ?? '')->minor;

            return $step >= 1 ? $step : null;
        } catch (NotAnAmount) {
            return null;
        }
    }

    /** @return array{Day, string}|null */
    public function rate(): ?array
    {
        $rate = $this->decimalRate();

        return $rate === null ? null : [Day::of($this->string('from')->toString()), $rate];
    }

    private function decimalRate(): ?string
    {
        try {
            return $this->filled('rate') ? ExchangeRate::of(AmountText::decimal($this->string('rate')->toString(), false) ?? '')->toString() : null;
        } catch (NotAnAmount) {
            return null;
        }
    }
}
