<?php

declare(strict_types=1);

namespace App\Features\Passwords\Requests;

use App\Http\Input\BoundedRequest;

final class ForgottenPasswordRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:254']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['email' => (string) __('signin.email')];
    }

    public function email(): string
    {
        return $this->string('email')->lower()->toString();
    }
}
