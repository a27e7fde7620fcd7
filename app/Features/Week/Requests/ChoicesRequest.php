<?php

declare(strict_types=1);

namespace App\Features\Week\Requests;

use App\Features\Week\Actions\Choice;
use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Http\Input\WorkDay;
use App\Models\SheetChoiceKind;
use Illuminate\Validation\Rule;
use Moss\Core\Calendar\Day;

final class ChoicesRequest extends BoundedRequest
{
    private const MOST = 500;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'choices' => ['required', 'list', 'max:'.self::MOST],
            'choices.*.task' => ['required', new RowId],
            'choices.*.role' => ['nullable', new RowId],
            'choices.*.date' => ['nullable', new WorkDay, 'required_if:choices.*.choice,'.SheetChoiceKind::RubbedOut->value],
            'choices.*.choice' => ['nullable', Rule::in([SheetChoiceKind::Added->value, SheetChoiceKind::RubbedOut->value])],
        ];
    }

    /** @return list<Choice> */
    public function choices(): array
    {
        $choices = [];
        /** @var array{task: int|string, role?: int|string|null, date?: string|null, choice?: string|null} $choice */
        foreach ($this->array('choices') as $choice) {
            $wanted = isset($choice['choice']) ? SheetChoiceKind::from($choice['choice']) : null;
            $choices[] = new Choice(
                (int) $choice['task'],
                isset($choice['role']) ? (int) $choice['role'] : null,
                isset($choice['date']) && $wanted !== SheetChoiceKind::Added ? Day::of($choice['date']) : null,
                $wanted,
            );
        }

        return $choices;
    }
}
