<?php

declare(strict_types=1);

namespace App\Features\Intake\Requests;

use App\Http\Input\BoundedRequest;
use App\Support\Language\Wording;

/** Something to say about a request, or why it is declined. */
final class CommentRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['text' => ['required', 'string', 'max:5000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text' => Wording::of('intake.text')];
    }

    public function text(): string
    {
        return $this->string('text')->trim()->toString();
    }
}
