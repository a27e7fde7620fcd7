<?php

declare(strict_types=1);

namespace App\Features\Review\Requests;

use App\Http\Input\BoundedRequest;

final class PhraseRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['words' => ['required', 'string', 'max:2000']];
    }

    public function words(): string
    {
        return trim($this->string('words')->toString());
    }
}
