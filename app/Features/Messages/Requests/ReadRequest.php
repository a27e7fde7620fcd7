<?php

declare(strict_types=1);

namespace App\Features\Messages\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;

/** The newest message that the person has read. */
final class ReadRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['upTo' => ['required', new RowId]];
    }
}
