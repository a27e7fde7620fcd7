<?php

declare(strict_types=1);

namespace App\Features\Remaining\Requests;

use App\Features\Remaining\Actions\WordOnRemaining;
use App\Http\Input\BoundedRequest;
use Illuminate\Validation\Rule;

/** Somebody's word on what is left: hours, or that it is done for whose it is or for all. */
final class WordRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'hours' => ['nullable', 'string', 'max:50'],
            'done' => ['required', Rule::in(['no', 'me', 'all'])],
            'reason' => ['nullable', 'string', 'max:1000'],
            'confirmed' => ['boolean'],
        ];
    }

    public function word(): WordOnRemaining
    {
        $done = $this->string('done')->toString();

        return new WordOnRemaining(
            $done === 'no' ? $this->string('hours')->toString() : null,
            $done === 'all',
            $this->boolean('confirmed'),
            trim($this->string('reason')->toString()),
        );
    }
}
