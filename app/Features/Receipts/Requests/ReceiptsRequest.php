<?php

declare(strict_types=1);

namespace App\Features\Receipts\Requests;

use App\Http\Input\BoundedRequest;
use App\Support\Language\Wording;

/** Files that were sent and are to be receipts; what they are is seen from their content. */
final class ReceiptsRequest extends BoundedRequest
{
    private const MOST = 20;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['uploads' => ['required', 'list', 'max:'.self::MOST], 'uploads.*' => ['string', 'regex:/^[0-9a-f]{32}$/D']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['uploads.required' => Wording::of('receipts.none'), 'uploads.max' => Wording::of('receipts.many'), 'uploads.*' => Wording::of('receipts.lost')];
    }

    /** @return list<string> */
    public function uploads(): array
    {
        return array_values(array_filter($this->array('uploads'), is_string(...)));
    }
}
