<?php

declare(strict_types=1);

namespace App\Features\Plan\Requests;

use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Support\Database\WriteLimits;

/** Rows of a plan: a task, or an assignment with all its stretches; and hours by day. */
class PlanRowsRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'task' => ['nullable', new RowId, 'required_without:assignments'],
            'assignments' => ['nullable', 'list', 'max:'.WriteLimits::MOST_ROWS],
            'assignments.*' => [new RowId],
            'days' => ['nullable', 'array', 'max:200'],
            'days.*' => ['nullable', 'string', 'max:50'],
        ];
    }

    /** @return list<int> the task, where it is one that is meant */
    public function tasks(): array
    {
        return $this->filled('task') ? [$this->integer('task')] : [];
    }

    /** @return list<int> */
    public function assignments(): array
    {
        return array_values(array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, $this->array('assignments')));
    }

    /** @return array<array-key, string> */
    public function days(): array
    {
        return array_map(static fn (mixed $text): string => is_string($text) ? $text : '', $this->array('days'));
    }
}
