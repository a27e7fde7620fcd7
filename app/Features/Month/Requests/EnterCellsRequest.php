<?php

declare(strict_types=1);

namespace App\Features\Month\Requests;

use App\Features\Month\Actions\TypedCell;
use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Http\Input\WorkDay;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Validation\Rule;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;

/** What was typed into cells of a timesheet. */
final class EnterCellsRequest extends BoundedRequest
{
    private const MOST_CELLS = 200;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'cells' => ['required', 'list', 'max:'.self::MOST_CELLS],
            'cells.*.task' => ['required', new RowId],
            'cells.*.role' => ['nullable', new RowId, Rule::exists('roles', 'id')],
            'cells.*.date' => ['required', new WorkDay],
            'cells.*.text' => ['nullable', 'string', 'max:200'],
            'cells.*.seen' => ['nullable', 'integer'],
        ];
    }

    /** @return list<TypedCell> */
    public function cells(): array
    {
        $cells = [];
        /** @var array{task: int|string, role?: int|string|null, date: string, text?: string|null, seen?: int|string|null} $cell */
        foreach ($this->array('cells') as $cell) {
            $cells[] = new TypedCell(
                (int) $cell['task'], isset($cell['role']) ? (int) $cell['role'] : null, Day::of($cell['date']), $cell['text'] ?? '', isset($cell['seen']) ? (int) $cell['seen'] : null,
            );
        }

        return $cells;
    }

    /** @return list<Closure> what concerns the cells together, once each of them has the right shape */
    public function after(): array
    {
        return [function (Validator $validator): void {
            $days = $this->route('days');
            $seen = [];
            foreach ($validator->errors()->isEmpty() ? $this->cells() : [] as $cell) {
                $place = $cell->line().' '.$cell->day->toString();
                if ($days instanceof DayRange && ! $days->includes($cell->day)) {
                    $validator->errors()->add('cells', Wording::refusal('days.other_days', ['day' => $cell->day->toString()]));
                } elseif (isset($seen[$place])) {
                    $validator->errors()->add('cells', Wording::refusal('cell.twice'));
                }
                $seen[$place] = true;
            }
        }];
    }
}
