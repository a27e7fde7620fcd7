<?php

declare(strict_types=1);

namespace App\Features\Expenses\Requests;

use App\Features\Expenses\Actions\ExpenseInput;
use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Http\Input\WorkDay;
use App\OwnFields\TypedFields;
use App\Support\Language\Wording;
use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\ClientNote;

/** An expense as it is entered. What its amounts mean is decided with its category and currency. */
final class ExpenseRequest extends BoundedRequest
{
    private const LONGEST_NAME = 100;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $typed = ['nullable', 'string', 'max:20'];
        $name = ['nullable', 'string', 'max:'.self::LONGEST_NAME];
        $note = ['nullable', 'string', 'max:'.ClientNote::MAX_LENGTH];

        return [
            'date' => ['required', 'string', new WorkDay(Wording::of('expenses.day'))],
            'task' => ['required', new RowId],
            'category' => ['required', 'string', 'max:50'],
            'amount' => $typed, 'tax' => $typed, 'rate' => $typed, 'distance' => $typed,
            'isNet' => ['nullable', 'boolean'],
            'currency' => ['required', 'string', 'size:3'],
            'from' => $name, 'to' => $name, 'trip' => $name,
            'isOwnMoney' => ['required', 'boolean'],
            'isCharged' => ['required', 'boolean'],
            'note' => $note, 'clientNote' => $note, 'explanation' => $note,
            'receipts' => ['nullable', 'list', 'max:20'],
            'receipts.*' => [new RowId],
            ...TypedFields::rules('fields'),
            'version' => ['nullable', 'integer', 'min:1', 'max:1000000000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['date.required' => Wording::of('expenses.day'), 'task' => Wording::of('expenses.task'), 'category.required' => Wording::of('expenses.category')];
    }

    public function expense(): ExpenseInput
    {
        $text = fn (string $name): string => $this->string($name)->trim()->toString();

        return new ExpenseInput(
            Day::of($text('date')), $this->integer('task'), $text('category'), $text('amount'), $text('tax'), $this->boolean('isNet'), $text('currency'), $text('rate'), $text('distance'),
            $text('from'), $text('to'), $text('trip'), $this->boolean('isOwnMoney'), $this->boolean('isCharged'), $text('note'), $text('clientNote'), $text('explanation'),
            array_values(array_map(intval(...), array_filter($this->array('receipts'), is_numeric(...)))), $this->filled('version') ? $this->integer('version') : null, TypedFields::texts($this->array('fields')),
        );
    }
}
