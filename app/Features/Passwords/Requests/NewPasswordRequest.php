<?php

declare(strict_types=1);

namespace App\Features\Passwords\Requests;

use App\Http\Input\BoundedRequest;

final class NewPasswordRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['password' => ['required', 'string', 'max:1000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['password' => (string) __('passwords.missing')];
    }

    /** As it was typed. */
    public function password(): string
    {
        return (string) $this->string('password');
    }
}
