<?php

declare(strict_types=1);

namespace App\Features\Intake\Requests;

use App\Support\Language\Wording;

/** The same, with the name and address of who asks at the client. */
final class ClientWorkRequestForm extends WorkRequestForm
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:200'], 'email' => ['required', 'string', 'email', 'max:200']] + parent::rules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name' => Wording::of('intake.name'), 'email' => Wording::of('intake.email')] + parent::messages();
    }
}
