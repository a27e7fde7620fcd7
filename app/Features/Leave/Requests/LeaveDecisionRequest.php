<?php

declare(strict_types=1);

namespace App\Features\Leave\Requests;

use App\Http\Input\BoundedRequest;
use App\Support\Language\Wording;

/** Whether a request is approved, and a comment. */
final class LeaveDecisionRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['approved' => ['required', 'boolean'], 'comment' => ['nullable', 'string', 'max:1000', 'required_if:approved,false,0']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['comment' => Wording::of('leave.comment')];
    }
}
