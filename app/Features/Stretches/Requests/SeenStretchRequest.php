<?php

declare(strict_types=1);

namespace App\Features\Stretches\Requests;

use App\Http\Input\BoundedRequest;
use App\Support\Language\Wording;
use Moss\Core\Clock\ClockTime;

/** Which version of time by the clock was seen; and where it is to be split, if it is. */
final class SeenStretchRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['seen' => ['required', 'integer', 'min:1', 'max:1000000000'], 'at' => ['nullable', 'integer', 'min:1', 'max:1439']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['seen' => Wording::of('week.stretch.moved_on'), 'at' => Wording::of('week.stretch.split_outside')];
    }

    public function version(): int
    {
        return $this->integer('seen');
    }

    public function at(): ClockTime
    {
        return ClockTime::atMinute($this->integer('at'));
    }
}
