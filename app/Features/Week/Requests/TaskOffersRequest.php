<?php

declare(strict_types=1);

namespace App\Features\Week\Requests;

use App\Http\Input\BoundedRequest;

final class TaskOffersRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['search' => ['nullable', 'string', 'max:200']];
    }

    /** @return list<string> */
    public function words(): array
    {
        return preg_split('/\s+/u', trim($this->string('search')->toString()), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }
}
