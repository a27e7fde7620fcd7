<?php

declare(strict_types=1);

namespace App\Features\Accounts\Requests;

use App\Http\Input\BoundedRequest;

/** Whom to invite, by code. */
final class InvitationsRequest extends BoundedRequest
{
    private const MOST = 500;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['people' => ['required', 'array', 'max:'.self::MOST], 'people.*' => ['required', 'string', 'max:32']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['people' => (string) __('accounts.whom')];
    }

    /** @return list<string> */
    public function people(): array
    {
        return array_values(array_filter($this->array('people'), is_string(...)));
    }
}
