<?php

declare(strict_types=1);

namespace App\Features\ExpenseSettings\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Support\Language\Wording;
use Closure;
use Moss\Core\Calendar\Day;
use Moss\Core\Expenses\AmountText;
use Moss\Core\Expenses\MileageRate;
use Moss\Core\Expenses\NotAnAmount;

/** What a kilometre costs from a day on. */
final class MileageRateRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'mileageFrom' => ['required', 'string', new WorkDay(Wording::of('expense_settings.from'))],
            'mileageRate' => ['required', 'string', 'max:12', static function (string $name, mixed $typed, Closure $fail): void {
                try {
                    MileageRate::of(Day::of('2000-01-01'), AmountText::decimal(is_string($typed) ? $typed : '', false) ?? '');
                } catch (NotAnAmount) {
                    $fail(Wording::of('expense_settings.mileage_rate'));
                }
            }],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['mileageFrom.required' => Wording::of('expense_settings.from'), 'mileageRate.required' => Wording::of('expense_settings.mileage_rate')];
    }

    public function from(): Day
    {
        return Day::of($this->string('mileageFrom')->toString());
    }

    public function rate(): string
    {
        return MileageRate::of($this->from(), (string) AmountText::decimal($this->string('mileageRate')->toString(), false))->toString();
    }
}
