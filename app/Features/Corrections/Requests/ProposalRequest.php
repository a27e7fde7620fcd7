<?php

declare(strict_types=1);

namespace App\Features\Corrections\Requests;

use App\Features\Corrections\Actions\Wish;
use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Http\Input\WorkDay;
use App\Support\Database\ActConnection;
use App\Support\Words;
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
            'cells' => ['required', 'list', 'max:'.ActConnection::MOST_ROWS],
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
            foreach ($this->wishes() as $wish) {
                if (! $week->days()->includes($wish->day)) {
                    $validator->errors()->add('cells', Words::refusal('cell.other_week', ['day' => $wish->day->toString(), 'week' => $week->toString()]));
                }
                if (isset($seen[$wish->cell()])) {
                    $validator->errors()->add('cells', Words::refusal('cell.twice'));
                }
                $seen[$wish->cell()] = true;
            }
        }];
    }

    /** @return non-empty-list<Wish> */
    public function wishes(): array
    {
        $wishes = [];
        /** @var non-empty-list<array{task: int|string, role?: int|string|null, date: string, hours?: string|null}> $cells */
        $cells = $this->array('cells');
        foreach ($cells as $cell) {
            $wishes[] = new Wish((int) $cell['task'], isset($cell['role']) ? (int) $cell['role'] : null, Day::of($cell['date']), $cell['hours'] ?? '');
        }

        return $wishes;
    }

    public function reason(): string
    {
        return $this->string('reason')->toString();
    }
}
