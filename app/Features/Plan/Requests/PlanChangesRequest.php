<?php

declare(strict_types=1);

namespace App\Features\Plan\Requests;

use App\Features\Plan\Actions\PlanChange;
use App\Features\Plan\Actions\PlanFields;
use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Support\Database\WriteLimits;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Validation\Validator;

/** Other values for rows of a plan. */
class PlanChangesRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'changes' => ['required', 'list', 'max:'.WriteLimits::MOST_ROWS],
            'changes.*.task' => ['nullable', new RowId, 'required_without:changes.*.assignments'],
            'changes.*.assignments' => ['nullable', 'list', 'max:'.WriteLimits::MOST_ROWS],
            'changes.*.assignments.*' => [new RowId],
            'changes.*.fields' => ['required', 'array', 'max:60'],
            'changes.*.fields.*' => ['nullable', 'string', 'max:300'],
        ];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty() && array_sum(array_map(static fn (PlanChange $change): int => max(1, count($change->assignments)), $this->changes())) > WriteLimits::MOST_ROWS) {
                $validator->errors()->add('changes', Wording::refusal('plan_row.too_many', ['most' => WriteLimits::MOST_ROWS]));
            }
        }];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['changes.max' => Wording::refusal('plan_row.too_many', ['most' => WriteLimits::MOST_ROWS])];
    }

    /** @return list<PlanChange> */
    public function changes(): array
    {
        $changes = [];
        /** @var list<array{task?: int|string|null, assignments?: list<int|string>|null, fields: array<string, string|null>}> $rows */
        $rows = $this->array('changes');
        foreach ($rows as $row) {
            $task = isset($row['task']) ? (int) $row['task'] : null;
            $known = $task === null ? PlanChange::ASSIGNMENT_FIELDS : PlanChange::TASK_FIELDS;
            $changes[] = new PlanChange(
                $task,
                $task === null ? array_map(intval(...), $row['assignments'] ?? []) : [],
                array_map(strval(...), array_filter($row['fields'], static fn (string $field): bool => in_array($field, $known, true) || ($task !== null && PlanFields::isOwn($field)), ARRAY_FILTER_USE_KEY)),
            );
        }

        return $changes;
    }
}
