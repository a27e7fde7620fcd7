<?php

declare(strict_types=1);

namespace App\Features\SignIn\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class SignInRequest extends FormRequest
{
    /** @return array<string, list<string>> */
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
