<?php

declare(strict_types=1);

namespace App\Features\Sheets\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class RecorderRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['maySubmit' => ['required', 'boolean']];
    }

    /** Whether submitting is left to them too. */
    public function maySubmit(): bool
    {
        return $this->boolean('maySubmit');
    }
}
