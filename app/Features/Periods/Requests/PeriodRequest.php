<?php

declare(strict_types=1);

namespace App\Features\Periods\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use Moss\Core\Calendar\Day;

final class PeriodRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'day' => [$this->isMethod('GET') ? 'nullable' : 'required', new WorkDay],
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
