<?php

declare(strict_types=1);

namespace App\Features\Uploads\Requests;

use App\Http\Input\BoundedRequest;
use App\Models\Person;
use App\Support\Language\Wording;

/** What a file is called and how large it is. Whoever is not signed in sends small ones only; so do all but the time office. */
final class UploadRequest extends BoundedRequest
{
    private const MOST = 10 * 1_048_576;

    private const MOST_OF_OFFICE = 500 * 1_048_576;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:200'], 'size' => ['required', 'integer', 'between:1,'.$this->most()]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name' => Wording::of('intake.file_name'), 'size' => Wording::of('intake.file_size', ['most' => intdiv($this->most(), 1_048_576)])];
    }

    /** @return int<1, max> */
    public function size(): int
    {
        return max(1, $this->integer('size'));
    }

    private function most(): int
    {
        $person = $this->user();

        return $person instanceof Person && $person->isOffice() ? self::MOST_OF_OFFICE : self::MOST;
    }
}
