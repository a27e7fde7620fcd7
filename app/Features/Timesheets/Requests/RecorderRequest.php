<?php

declare(strict_types=1);

namespace App\Features\Timesheets\Requests;

use App\Http\Input\BoundedRequest;

final class RecorderRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['maySubmit' => ['required', 'boolean']];
    }

    /** Whether submitting is left to them too. */
    public function maySubmit(): bool
    {
        return $this->boolean('maySubmit');
    }
}
