<?php

declare(strict_types=1);

namespace App\Features\Remaining\Requests;

use App\Http\Input\BoundedRequest;

/** Accepting or declining a remaining estimate. */
final class VerdictRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['accept' => ['required', 'boolean'], 'comment' => ['nullable', 'string', 'max:1000']];
    }
}
