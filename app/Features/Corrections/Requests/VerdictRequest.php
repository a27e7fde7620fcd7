<?php

declare(strict_types=1);

namespace App\Features\Corrections\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Support\Database\WriteLimits;

class VerdictRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'corrections' => ['required', 'list', 'max:'.WriteLimits::MOST_ROWS],
            'corrections.*' => ['required', new RowId],
            'accept' => ['required', 'boolean'],
            'comment' => ['nullable', 'string', 'max:2000'],
        ];
    }

    /** @return list<int> */
    public function corrections(): array
    {
        return array_values(array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $this->array('corrections')));
    }
}
