<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Requests;

use App\Http\Input\BoundedRequest;
use App\Support\Language\Wording;

/** A task tracker: what it is called, where it is, and with what it is asked. */
final class TrackerRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:100'], 'address' => ['required', 'string', 'max:2000'], 'token' => ['required', 'string', 'max:1000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name' => Wording::of('trackers.name'), 'address' => Wording::of('trackers.address'), 'token' => Wording::of('trackers.token')];
    }
}
