<?php

declare(strict_types=1);

namespace App\Features\Plan\Requests;

use App\Http\Input\BoundedRequest;

/** Why the plan of today becomes the baseline. */
final class BaselineRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['why' => ['nullable', 'string', 'max:1000']];
    }
}
