<?php

declare(strict_types=1);

namespace App\Features\Review\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Support\Database\WriteLimits;

final class ReopeningRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['entries' => ['required', 'list', 'max:'.WriteLimits::MOST_ROWS], 'entries.*' => ['required', new RowId]];
    }

    /** @return list<int> */
    public function entries(): array
    {
        return array_values(array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $this->array('entries')));
    }
}
