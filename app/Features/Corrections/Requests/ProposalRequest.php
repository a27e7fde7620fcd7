<?php

declare(strict_types=1);

namespace App\Features\Corrections\Requests;

use App\Features\Corrections\Actions\ProposedHours;
use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Http\Input\WorkDay;
use App\Support\Database\WriteLimits;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Contracts\Validation\Validator;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;

/** Other hours for cells of a week, and why. */
final class ProposalRequest extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'cells' => ['required', 'list', 'max:'.WriteLimits::MOST_ROWS],
            'cells.*.task' => ['required', new RowId],
            'cells.*.role' => ['nullable', new RowId],
            'cells.*.date' => ['required', new WorkDay],
            'cells.*.hours' => ['nullable', 'string', 'max:50'],
            'reason' => ['nullable', 'string', 'max:1000'],
        ];
    }

    /** @return list<Closure> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $week = $this->route('week');
            if ($validator->errors()->isNotEmpty() || ! $week instanceof Week) {
                return;
            }
            $seen = [];
            foreach ($this->proposals() as $proposed) {
                if (! $week->days()->includes($proposed->day)) {
                    $validator->errors()->add('cells', Wording::refusal('cell.other_week', ['day' => $proposed->day->toString(), 'week' => $week->toString()]));
                }
                if (isset($seen[$proposed->cell()])) {
                    $validator->errors()->add('cells', Wording::refusal('cell.twice'));
                }
                $seen[$proposed->cell()] = true;
            }
        }];
    }

    /** @return non-empty-list<ProposedHours> */
    public function proposals(): array
    {
        $proposals = [];
        /** @var non-empty-list<array{task: int|string, role?: int|string|null, date: string, hours?: string|null}> $cells */
        $cells = $this->array('cells');
        foreach ($cells as $cell) {
            $proposals[] = new ProposedHours((int) $cell['task'], isset($cell['role']) ? (int) $cell['role'] : null, Day::of($cell['date']), $cell['hours'] ?? '');
        }

        return $proposals;
    }

    public function reason(): string
    {
        return $this->string('reason')->toString();
    }
}
