<?php

declare(strict_types=1);

namespace App\Features\Week\Requests;

use App\Features\Week\Actions\CellInput;
use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Http\Input\WorkDay;
use App\Models\Role;
use App\OwnFields\TypedFields;
use App\Pay\TypedPay;
use App\Support\Language\Wording;
use Closure;
use Illuminate\Contracts\Validation\Validator;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\ClientNote;
use Moss\Core\Time\Minutes;

final class SaveCellsRequest extends BoundedRequest
{
    /** So many are saved quickly enough that nobody else has to wait; the page sends more of them in parts. */
    private const MOST_CELLS = 200;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'cells' => ['required', 'list', 'max:'.self::MOST_CELLS],
            'cells.*.task' => ['required', new RowId],
            'cells.*.role' => ['nullable', new RowId],
            'cells.*.date' => ['required', new WorkDay],
            'cells.*.hours' => ['nullable', 'string'],
            'cells.*.minutes' => ['nullable', 'integer', 'min:0', 'max:'.Minutes::PER_DAY],
            'cells.*.note' => ['nullable', 'string', 'max:'.ClientNote::MAX_LENGTH],
            'cells.*.clientNote' => ['nullable', 'string', 'max:'.ClientNote::MAX_LENGTH],
            'cells.*.billable' => ['nullable', 'boolean'],
            ...TypedFields::rules('cells.*.fields'),
            ...TypedPay::rules('cells.*.pay'),
            'cells.*.chargeCode' => ['nullable', 'string', 'max:200'],
            'cells.*.seen' => ['nullable', 'integer'],
        ];
    }

    /** @return list<CellInput> */
    public function cells(): array
    {
        $inputs = [];
        /** @var array{task: int|string, date: string, role?: int|string|null, hours?: string|null, minutes?: int|string|null, seen?: int|string|null, note?: string|null, clientNote?: string|null, billable?: bool|int|string|null, fields?: array<array-key, string|null>|null, chargeCode?: string|null, pay?: array<array-key, string|int|null>|null} $cell */
        foreach ($this->array('cells') as $cell) {
            $inputs[] = new CellInput(
                (int) $cell['task'],
                isset($cell['role']) ? (int) $cell['role'] : null,
                Day::of($cell['date']),
                // An empty text is null by the time it is here; asking for hours at all is what counts.
                array_key_exists('hours', $cell) ? $cell['hours'] ?? '' : null,
                isset($cell['seen']) ? (int) $cell['seen'] : null,
                array_key_exists('note', $cell) ? $cell['note'] ?? '' : null,
                array_key_exists('clientNote', $cell) ? $cell['clientNote'] ?? '' : null,
                isset($cell['billable']) ? (bool) $cell['billable'] : null,
                isset($cell['minutes']) ? Minutes::of((int) $cell['minutes']) : null,
                isset($cell['fields']) ? TypedFields::texts($cell['fields']) : null,
                array_key_exists('chargeCode', $cell) ? $cell['chargeCode'] ?? '' : null,
                isset($cell['pay']) ? TypedPay::read($cell['pay']) : null,
            );
        }

        return $inputs;
    }

    /** @return list<Closure> what concerns the cells together, once each of them has the right shape */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($validator->errors()->isEmpty()) {
                $problem = $this->problem($this->cells());
                if ($problem !== null) {
                    $validator->errors()->add('cells', $problem);
                }
            }
        }];
    }

    /** @param  list<CellInput>  $cells */
    private function problem(array $cells): ?string
    {
        $week = $this->route('week');
        $seen = [];
        $roles = [];
        foreach ($cells as $cell) {
            if ($week instanceof Week && ! $week->days()->includes($cell->day)) {
                return Wording::refusal('cell.other_week', ['day' => $cell->day->toString(), 'week' => $week->toString()]);
            }
            if (isset($seen[$cell->cell()])) {
                return Wording::refusal('cell.twice');
            }
            $seen[$cell->cell()] = true;
            $roles[$cell->role ?? 0] = true;
        }
        unset($roles[0]);

        return $roles !== [] && Role::query()->whereKey(array_keys($roles))->count() < count($roles) ? Wording::refusal('cell.no_role') : null;
    }
}
