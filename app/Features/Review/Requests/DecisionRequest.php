<?php

declare(strict_types=1);

namespace App\Features\Review\Requests;

use App\Approval\DecisionKind;
use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Support\Database\WriteLimits;
use Illuminate\Validation\Rule;

/** A decision on entries, and the versions of them that were seen. */
class DecisionRequest extends BoundedRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'decision' => ['required', Rule::in([DecisionKind::Approve->value, DecisionKind::Return->value])],
            'entries' => ['required', 'array', 'max:'.WriteLimits::MOST_ROWS],
            'entries.*.id' => ['required', new RowId],
            'entries.*.version' => ['required', 'integer'],
            'comment' => ['nullable', 'string', 'max:2000'],
        ];
    }

    public function decision(): DecisionKind
    {
        return DecisionKind::from($this->string('decision')->toString());
    }

    /** @return array<int, int> version by entry id */
    public function seen(): array
    {
        $seen = [];
        foreach ($this->array('entries') as $entry) {
            if (is_array($entry) && is_numeric($entry['id']) && is_numeric($entry['version'])) {
                $seen[(int) $entry['id']] = (int) $entry['version'];
            }
        }

        return $seen;
    }
}
