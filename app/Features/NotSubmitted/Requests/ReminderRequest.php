<?php

declare(strict_types=1);

namespace App\Features\NotSubmitted\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkWeek;
use App\Support\Language\Wording;
use Closure;
use Moss\Core\Calendar\Week;

final class ReminderRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'week' => ['required', 'string', static function (string $name, mixed $value, Closure $fail): void {
                if (WorkWeek::read(is_string($value) ? $value : '') === null) {
                    $fail(Wording::refusal('no_week', ['week' => is_string($value) ? mb_strimwidth($value, 0, 20, '…') : '']));
                }
            }],
            'search' => ['nullable', 'string', 'max:200'],
            'people' => ['nullable', 'list', 'max:1000'],
            'people.*' => ['required', 'string'],
        ];
    }

    public function week(): Week
    {
        return Week::of($this->string('week')->toString());
    }

    /** @return list<string>|null codes; null for all */
    public function people(): ?array
    {
        return $this->input('people') === null ? null : array_values(array_filter($this->array('people'), is_string(...)));
    }
}
