<?php

declare(strict_types=1);

namespace App\Features\Sheets\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class SheetsRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['search' => ['nullable', 'string', 'max:100']];
    }

    public function search(): string
    {
        return $this->string('search')->trim()->toString();
    }
}
