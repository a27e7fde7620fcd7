<?php

declare(strict_types=1);

namespace App\Features\Remaining\Requests;

use App\Features\Remaining\Actions\EstimateInput;
use App\Http\Input\BoundedRequest;
use Illuminate\Validation\Rule;

/** A remaining estimate: hours, or the task marked as done for the assignee or for everyone. */
class EstimateRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'hours' => ['nullable', 'string', 'max:50'],
            'done' => ['required', Rule::in(['no', 'me', 'all'])],
            'reason' => ['nullable', 'string', 'max:1000'],
            'confirmed' => ['boolean'],
        ];
    }

    public function estimate(): EstimateInput
    {
        $done = $this->string('done')->toString();

        return new EstimateInput(
            $done === 'no' ? $this->string('hours')->toString() : null,
            $done === 'all',
            $this->boolean('confirmed'),
            trim($this->string('reason')->toString()),
        );
    }
}
