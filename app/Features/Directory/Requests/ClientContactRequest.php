<?php

declare(strict_types=1);

namespace App\Features\Directory\Requests;

use App\Http\Input\BoundedRequest;
use App\Support\Language\Wording;

/** Whom to speak to at a client. */
final class ClientContactRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:200'],
            'email' => ['nullable', 'string', 'email', 'max:200'],
            'phone' => ['nullable', 'string', 'max:100'],
            'position' => ['nullable', 'string', 'max:100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name' => Wording::of('organisation.contact_name'), 'email' => Wording::of('organisation.contact_email'), 'phone' => Wording::of('organisation.contact_text'), 'position' => Wording::of('organisation.contact_text'),
        ];
    }

    /** @return array{name: string, email: string, phone: string, position: string} */
    public function contact(): array
    {
        $text = fn (string $field): string => $this->string($field)->trim()->toString();

        return ['name' => $text('name'), 'email' => $text('email'), 'phone' => $text('phone'), 'position' => $text('position')];
    }
}
