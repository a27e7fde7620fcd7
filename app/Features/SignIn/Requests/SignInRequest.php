<?php

declare(strict_types=1);

namespace App\Features\SignIn\Requests;

use App\Http\Input\BoundedRequest;

final class SignInRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:254'], 'password' => ['required', 'string', 'max:1000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['email' => (string) __('signin.email'), 'password' => (string) __('signin.password')];
    }

    public function email(): string
    {
        return $this->string('email')->lower()->toString();
    }
}
