<?php

declare(strict_types=1);

namespace App\Features\PayRules\Requests;

use App\Http\Input\BoundedRequest;
use App\Models\PayPremium;
use App\Models\Person;
use App\Models\Team;
use App\Support\Language\Wording;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Validation\Rule;
use Moss\Core\Pay\PayKind;

/** A premium as the office enters it. */
final class PayPremiumRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $premium = $this->route('payPremium');

        return [
            'code' => ['required', 'string', 'regex:'.PayPremium::CODE, Rule::notIn(array_column(PayKind::cases(), 'value')), Rule::unique('pay_premiums', 'code')->ignore($premium instanceof PayPremium ? $premium->id : null)],
            'name' => ['required', 'string', 'max:100'],
            'isWork' => ['nullable', 'boolean'],
            'isActive' => ['nullable', 'boolean'],
            'costPercent' => ['required', 'integer', 'min:0', 'max:'.PayRuleRequest::MOST_PERCENT],
            'teams' => ['nullable', 'list', 'max:50'],
            'teams.*' => ['string', Rule::exists('teams', 'code')],
            'people' => ['nullable', 'list', 'max:200'],
            'people.*' => ['string', Rule::exists('people', 'code')],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'code' => Wording::of('pay.premium.code'), 'code.unique' => Wording::of('pay.premium.code_taken'), 'name' => Wording::of('pay.premium.name'), 'costPercent' => Wording::of('pay.percent'),
            'teams.*' => Wording::of('pay.premium.users'), 'people.*' => Wording::of('pay.premium.users'),
        ];
    }

    /** @return array{code: string, name: string, is_work: bool, active: bool, cost_percent: int} by column */
    public function values(): array
    {
        return [
            'code' => $this->string('code')->toString(), 'name' => $this->string('name')->trim()->toString(), 'is_work' => $this->boolean('isWork'), 'active' => $this->boolean('isActive'), 'cost_percent' => $this->integer('costPercent'),
        ];
    }

    /** @return list<int> */
    public function teams(): array
    {
        return self::ids(Team::query()->whereIn('code', $this->array('teams')));
    }

    /** @return list<int> */
    public function people(): array
    {
        return self::ids(Person::query()->whereIn('code', $this->array('people')));
    }

    /**
     * @param  Builder<Person>|Builder<Team>  $rows
     * @return list<int>
     */
    private static function ids(Builder $rows): array
    {
        return array_values(array_filter($rows->pluck('id')->all(), is_int(...)));
    }
}
