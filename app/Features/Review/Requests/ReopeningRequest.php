<?php

declare(strict_types=1);

namespace App\Features\Review\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class ReopeningRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['entries' => ['required', 'list', 'max:1000'], 'entries.*' => ['required', 'integer']];
    }

    /** @return list<int> */
    public function entries(): array
    {
        return array_values(array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $this->array('entries')));
    }
}
