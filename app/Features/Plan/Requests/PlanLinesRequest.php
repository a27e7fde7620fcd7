<?php

declare(strict_types=1);

namespace App\Features\Plan\Requests;

use App\Features\Plan\Actions\PlanFields;
use App\Features\Plan\Actions\PlanLine;
use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Support\Database\WriteLimits;
use App\Support\Language\Wording;

/** Lines to be added to a plan. */
class PlanLinesRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'lines' => ['required', 'list', 'max:'.WriteLimits::MOST_ROWS],
            'lines.*' => ['array', 'max:70'],
            'lines.*.*' => ['nullable', 'string', 'max:300'],
            'under' => ['nullable', new RowId],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['lines.max' => Wording::refusal('plan_row.too_many', ['most' => WriteLimits::MOST_ROWS])];
    }

    /** @return list<PlanLine> */
    public function lines(): array
    {
        $under = $this->filled('under') ? $this->integer('under') : null;
        $lines = [];
        /** @var list<array<string, string|null>|string|null> $rows */
        $rows = $this->array('lines');
        foreach ($rows as $row) {
            // An empty text passes for a line that holds nothing.
            $row = is_array($row) ? $row : [];
            $lines[] = new PlanLine(array_map(strval(...), array_filter($row, static fn (string $field): bool => in_array($field, PlanLine::FIELDS, true) || PlanFields::isOwn($field), ARRAY_FILTER_USE_KEY)), $under);
        }

        return $lines;
    }
}
