<?php

declare(strict_types=1);

namespace App\Features\Periods\Requests;

use App\Http\Input\BoundedRequest;

/** How many days after its Sunday a week is due. */
final class WeekDueRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['days' => ['required', 'integer', 'min:0', 'max:14']];
    }
}
