<?php

declare(strict_types=1);

namespace App\Features\Periods\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Moss\Core\Calendar\Day;

final class PeriodRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'day' => [$this->isMethod('GET') ? 'nullable' : 'required', 'date_format:Y-m-d', 'regex:/^(19|2\d)/'],
            'seen' => ['nullable', 'string', 'max:200'],
            'leavesOut' => ['nullable', 'boolean'],
            'reason' => ['nullable', 'string', 'max:1000'],
        ];
    }

    public function day(): ?Day
    {
        $day = $this->string('day')->toString();

        return $day === '' ? null : Day::of($day);
    }
}
