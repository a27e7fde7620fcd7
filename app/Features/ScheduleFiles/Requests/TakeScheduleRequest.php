<?php

declare(strict_types=1);

namespace App\Features\ScheduleFiles\Requests;

use App\Http\Input\BoundedRequest;
use App\Support\Language\Wording;

/** Which parts of a schedule file are wanted. */
final class TakeScheduleRequest extends BoundedRequest
{
    private const MOST = 20_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['keys' => ['required', 'list', 'max:'.self::MOST], 'keys.*' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['keys.required' => Wording::of('schedule.nothing_chosen')];
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_values(array_filter($this->array('keys'), is_string(...)));
    }
}
