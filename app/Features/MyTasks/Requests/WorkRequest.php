<?php

declare(strict_types=1);

namespace App\Features\MyTasks\Requests;

use App\Features\MyTasks\Actions\WorkInput;
use App\Http\Input\BoundedRequest;
use App\Http\Input\NamesLine;
use App\Support\Language\Wording;

/** What somebody says of a task. */
final class WorkRequest extends BoundedRequest
{
    use NamesLine;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            ...self::ofLine(),
            'line' => ['nullable', 'string', 'max:2100', 'required_without_all:remaining,done'],
            'remaining' => ['nullable', 'string', 'max:50'],
            'done' => ['boolean'],
            'reason' => ['nullable', 'string', 'max:1000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['line' => Wording::of('tasks.nothing_said')];
    }

    public function work(): WorkInput
    {
        return new WorkInput(
            $this->task(),
            $this->role(),
            $this->string('line')->toString(),
            $this->filled('remaining') ? $this->string('remaining')->toString() : null,
            $this->boolean('done'),
            trim($this->string('reason')->toString()),
        );
    }
}
