<?php

declare(strict_types=1);

namespace App\Features\TaskTracker\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\WorkDay;
use App\Models\Tracker;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;
use Moss\Core\Calendar\Day;

/** Which project of which task tracker a project is linked with, and from when. */
final class LinkRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'tracker' => ['required', 'integer', Rule::exists('trackers', 'id')],
            'key' => ['required', 'string', 'max:100'],
            'from' => ['required', 'string', new WorkDay(Wording::of('trackers.from'))],
            'takesTasks' => ['boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['tracker' => Wording::of('trackers.project'), 'key' => Wording::of('trackers.project'), 'from' => Wording::of('trackers.from')];
    }

    public function tracker(): Tracker
    {
        return Tracker::query()->findOrFail($this->integer('tracker'));
    }

    public function from(): Day
    {
        return Day::of($this->string('from')->toString());
    }
}
