<?php

declare(strict_types=1);

namespace App\Features\DayReminder\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use Moss\Core\Calendar\Day;

/** Which day is to be inked, and what of it; nothing for all of the link's day. */
final class InkDayRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'day' => ['nullable', new WorkDay],
            'lines' => ['nullable', 'list', 'max:200'],
            'lines.*.line' => ['required', 'string', 'max:40'],
            'lines.*.hours' => ['nullable', 'string', 'max:24'],
        ];
    }

    public function day(): ?Day
    {
        return $this->filled('day') ? Day::of($this->string('day')->toString()) : null;
    }

    /** @return array<string, string>|null as typed, by line; null for all as pencilled */
    public function hours(): ?array
    {
        if (! $this->has('lines')) {
            return null;
        }
        $hours = [];
        foreach ($this->array('lines') as $one) {
            if (is_array($one) && is_string($one['line'] ?? null)) {
                $hours[$one['line']] = is_string($one['hours'] ?? null) ? $one['hours'] : '';
            }
        }

        return $hours;
    }
}
