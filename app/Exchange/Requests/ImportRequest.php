<?php

declare(strict_types=1);

namespace App\Exchange\Requests;

use App\Exchange\ExchangeText;
use App\Http\Input\BoundedRequest;

/** Which uploads are imported, and whether they replace the plan. */
final class ImportRequest extends BoundedRequest
{
    private const MOST = 60;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['uploads' => ['required', 'array', 'max:'.self::MOST], 'uploads.*' => ['required', 'string', 'regex:/^[0-9a-f]{32}$/D', 'distinct'], 'replacesPlan' => ['nullable', 'boolean']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['uploads' => ExchangeText::get('transfer.none'), 'uploads.*' => ExchangeText::get('transfer.none')];
    }

    /** @return non-empty-list<string> */
    public function uploads(): array
    {
        $uploads = array_values(array_filter($this->array('uploads'), is_string(...)));

        return $uploads === [] ? [''] : $uploads;
    }
}
