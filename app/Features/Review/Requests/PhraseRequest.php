<?php

declare(strict_types=1);

namespace App\Features\Review\Requests;

use App\Http\Input\BoundedRequest;

final class PhraseRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['phrase' => ['required', 'string', 'max:2000']];
    }

    public function phrase(): string
    {
        return trim($this->string('phrase')->toString());
    }
}
