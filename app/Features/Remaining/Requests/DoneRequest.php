<?php

declare(strict_types=1);

namespace App\Features\Remaining\Requests;

use App\Http\Input\BoundedRequest;

/** A project manager marks a task as done for everyone, or reopens it. */
final class DoneRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['done' => ['required', 'boolean'], 'confirmed' => ['boolean'], 'reason' => ['nullable', 'string', 'max:1000']];
    }
}
