<?php

declare(strict_types=1);

namespace App\Features\Remaining\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Accepting or declining a restatement. */
final class VerdictRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['accept' => ['required', 'boolean'], 'word' => ['nullable', 'string', 'max:1000']];
    }
}
