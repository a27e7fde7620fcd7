<?php

declare(strict_types=1);

namespace App\Features\MyTasks\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\NamesLine;

/** Which task is to be pinned or not. */
final class PinRequest extends BoundedRequest
{
    use NamesLine;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [...self::ofLine(), 'pinned' => ['required', 'boolean']];
    }
}
