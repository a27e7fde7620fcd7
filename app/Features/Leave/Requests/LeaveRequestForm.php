<?php

declare(strict_types=1);

namespace App\Features\Leave\Requests;

use App\Features\Leave\Actions\LeaveInput;
use App\Http\Input\BoundedRequest;
use App\Http\Input\NotBefore;
use App\Http\Input\WorkDay;
use App\Models\AbsenceKind;
use App\Support\Language\Wording;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Leave\LeaveRefused;
use Moss\Core\Leave\LeaveSpan;

/** Days of leave: kind, first and last day, from or until midday, and a note. */
final class LeaveRequestForm extends BoundedRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', 'integer', Rule::exists('absence_kinds', 'id')],
            'first' => ['required', 'string', new WorkDay],
            'last' => ['required', 'string', new WorkDay, new NotBefore('first')],
            'fromMidday' => ['nullable', 'boolean'],
            'untilMidday' => ['nullable', 'boolean'],
            'note' => ['nullable', 'string', 'max:1000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind' => Wording::of('leave.kind'), 'first.required' => Wording::of('leave.first'), 'last.required' => Wording::of('leave.last'), 'note' => Wording::of('leave.note'),
        ];
    }

    /** @throws ValidationException if the days cannot be one request */
    public function leave(): LeaveInput
    {
        try {
            $span = LeaveSpan::over(DayRange::between(Day::of($this->string('first')->toString()), Day::of($this->string('last')->toString())), $this->boolean('fromMidday'), $this->boolean('untilMidday'));
        } catch (LeaveRefused $refused) {
            throw ValidationException::withMessages(['last' => Wording::of('leave.'.$refused->fault->value)]);
        }

        return new LeaveInput(AbsenceKind::query()->whereKey($this->integer('kind'))->sole(), $span, $this->string('note')->trim()->toString());
    }
}
