<?php

declare(strict_types=1);

namespace App\Features\Accounts\Requests;

use App\Http\Input\BoundedRequest;

/** Whether single sign-on adds people. */
final class SingleSignOnRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['addsPeople' => ['required', 'boolean']];
    }
}
