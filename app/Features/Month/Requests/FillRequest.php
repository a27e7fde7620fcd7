<?php

declare(strict_types=1);

namespace App\Features\Month\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\NamesLine;

/** On which line the rest of a month is to be filled. */
final class FillRequest extends BoundedRequest
{
    use NamesLine;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return self::ofLine();
    }
}
