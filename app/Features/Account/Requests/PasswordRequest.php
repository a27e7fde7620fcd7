<?php

declare(strict_types=1);

namespace App\Features\Account\Requests;

use App\Http\Input\BoundedRequest;

/** The current password and the new one, as they were typed. */
final class PasswordRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['current_password' => ['required', 'string', 'max:1000'], 'password' => ['required', 'string', 'max:1000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['current_password' => (string) __('passwords.current_missing'), 'password' => (string) __('passwords.missing')];
    }

    public function current(): string
    {
        return (string) $this->string('current_password');
    }

    public function password(): string
    {
        return (string) $this->string('password');
    }
}
