<?php

declare(strict_types=1);

namespace App\Features\Week\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class TaskOffersRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['search' => ['nullable', 'string', 'max:200']];
    }

    /** @return list<string> */
    public function words(): array
    {
        return preg_split('/\s+/u', trim($this->string('search')->toString()), -1, PREG_SPLIT_NO_EMPTY) ?: [];
    }
}
