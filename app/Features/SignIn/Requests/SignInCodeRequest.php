<?php

declare(strict_types=1);

namespace App\Features\SignIn\Requests;

use App\Http\Input\BoundedRequest;

/** A code of a second factor. */
final class SignInCodeRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['code' => ['required', 'string', 'max:40']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['code' => (string) __('signin.code')];
    }

    public function code(): string
    {
        return $this->string('code')->toString();
    }
}
