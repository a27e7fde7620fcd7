<?php

declare(strict_types=1);

namespace App\Features\Compare\Requests;

use App\Http\Input\BoundedRequest;
use Illuminate\Validation\Rule;
use Moss\Core\Calendar\DueDay;
use Moss\Core\Calendar\PeriodUnit;

final class SubscriptionRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'rhythm' => ['required', Rule::in([PeriodUnit::Week->value, PeriodUnit::Month->value])],
            'day' => ['required', 'integer', 'min:1', 'max:'.($this->input('rhythm') === PeriodUnit::Week->value ? 7 : DueDay::LAST_OF_MONTH)],
        ];
    }

    public function rhythm(): PeriodUnit
    {
        return $this->enum('rhythm', PeriodUnit::class) ?? PeriodUnit::Week;
    }

    public function day(): int
    {
        return $this->integer('day');
    }
}
