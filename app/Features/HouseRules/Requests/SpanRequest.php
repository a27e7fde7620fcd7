<?php

declare(strict_types=1);

namespace App\Features\HouseRules\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Contracts\Validation\Validator;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/** Start, end and break of a day; without a start and an end, the day has none. */
final class SpanRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'date' => ['required', new WorkDay],
            'starts' => ['nullable', 'regex:/^([01]\d|2[0-3]):[0-5]\d$/', 'required_with:ends'],
            'ends' => ['nullable', 'regex:/^(([01]\d|2[0-3]):[0-5]\d|24:00)$/', 'required_with:starts'],
            'pause' => ['nullable', 'integer', 'min:0', 'max:1439'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'starts.*' => Wording::refusal('span.starts'),
            'ends.*' => Wording::refusal('span.ends'),
            'pause.*' => Wording::refusal('span.pause'),
        ];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $week = $this->route('week');
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            if ($week instanceof Week && ! $week->days()->includes($this->day())) {
                $validator->errors()->add('date', Wording::refusal('cell.other_week', ['day' => $this->day()->toString(), 'week' => $week->toString()]));
            } elseif ($this->span() !== null && $this->span()[1] - $this->span()[0] <= $this->span()[2]) {
                $validator->errors()->add('ends', Wording::refusal('span.reversed'));
            }
        }];
    }

    public function day(): Day
    {
        return Day::of($this->string('date')->toString());
    }

    /** @return array{int, int, int}|null start and end in minutes after midnight, and the break; null for none */
    public function span(): ?array
    {
        if ($this->input('starts') === null) {
            return null;
        }
        $minutes = static fn (string $clock): int => (int) substr($clock, 0, 2) * 60 + (int) substr($clock, 3);

        return [$minutes($this->string('starts')->toString()), $minutes($this->string('ends')->toString()), $this->integer('pause')];
    }
}
