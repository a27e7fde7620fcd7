<?php

declare(strict_types=1);

namespace App\Features\Stretches\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Support\Language\Wording;

/** Which pencilled time by the clock is to be inked. */
final class InkRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['stretches' => ['required', 'list', 'max:200'], 'stretches.*' => [new RowId]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['stretches' => Wording::of('week.stretch.gone')];
    }

    /** @return non-empty-list<int> */
    public function stretches(): array
    {
        $ids = array_values(array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $this->array('stretches')));

        return $ids === [] ? [0] : $ids;
    }
}
