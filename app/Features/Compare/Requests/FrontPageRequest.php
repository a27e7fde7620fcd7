<?php

declare(strict_types=1);

namespace App\Features\Compare\Requests;

use App\Http\Input\BoundedRequest;
use App\Models\Person;
use App\Models\SavedComparison;

final class FrontPageRequest extends BoundedRequest
{
    private const MOST = 20;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'comparisons' => ['present', 'list', 'max:'.self::MOST],
            'comparisons.*' => ['required', 'integer', 'min:1'],
        ];
    }

    /** @return list<int> those that the reader may read, in the order asked for */
    public function comparisons(Person $reader): array
    {
        $asked = array_values(array_unique(array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $this->array('comparisons'))));
        $readable = SavedComparison::query()->readableBy($reader)->whereIn('id', $asked)->pluck('id')->all();

        return array_values(array_filter($asked, static fn (int $id): bool => in_array($id, $readable, true)));
    }
}
