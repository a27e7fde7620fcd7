<?php

declare(strict_types=1);

namespace App\Features\Receipts\Requests;

use App\Http\Input\BoundedRequest;
use App\Support\Language\Wording;
use Illuminate\Http\UploadedFile;

/** Files that are to be receipts; what they are is seen from their content. */
final class ReceiptsRequest extends BoundedRequest
{
    private const MOST = 20;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['files' => ['required', 'list', 'max:'.self::MOST], 'files.*' => ['file']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['files.required' => Wording::of('receipts.none'), 'files.max' => Wording::of('receipts.many'), 'files.*' => Wording::of('receipts.none')];
    }

    /** @return list<UploadedFile> */
    public function uploaded(): array
    {
        $files = $this->file('files');

        return is_array($files) ? array_values($files) : [];
    }
}
