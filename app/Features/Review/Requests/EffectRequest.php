<?php

declare(strict_types=1);

namespace App\Features\Review\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class EffectRequest extends FormRequest
{
    private const MOST = 50;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['projects' => ['required', 'list', 'max:'.self::MOST], 'projects.*' => ['required', 'string', 'max:32']];
    }

    /** @return list<string> codes */
    public function projects(): array
    {
        return array_values(array_filter($this->array('projects'), is_string(...)));
    }
}
