<?php

declare(strict_types=1);

namespace App\Features\Account\Requests;

use App\Http\Input\BoundedRequest;

/** The password by which somebody confirms that it is them. */
final class ConfirmationRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['password' => ['required', 'string', 'max:1000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['password' => (string) __('signin.password')];
    }

    public function password(): string
    {
        return (string) $this->string('password');
    }
}
