<?php

declare(strict_types=1);

namespace App\Features\Expenses\Requests;

use App\Features\Expenses\Actions\ExpenseInput;
use App\Http\Input\BoundedRequest;
use App\Http\Input\RowId;
use App\Http\Input\WorkDay;
use App\Support\Language\Wording;
use Moss\Core\Calendar\Day;
use Moss\Core\Sheet\ClientNote;

/** Receipts that become expenses: of each what it says, and for all the task and the trip. */
final class InkReceiptsRequest extends BoundedRequest
{
    private const MOST = 50;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'task' => ['required', new RowId],
            'trip' => ['nullable', 'string', 'max:100'],
            'isCharged' => ['required', 'boolean'],
            'items' => ['required', 'list', 'max:'.self::MOST],
            'items.*.receipt' => ['required', new RowId],
            'items.*.date' => ['required', 'string', new WorkDay(Wording::of('expenses.day'))],
            'items.*.amount' => ['nullable', 'string', 'max:20'],
            'items.*.tax' => ['nullable', 'string', 'max:20'],
            'items.*.currency' => ['required', 'string', 'size:3'],
            'items.*.category' => ['required', 'string', 'max:50'],
            'items.*.note' => ['nullable', 'string', 'max:'.ClientNote::MAX_LENGTH],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'task' => Wording::of('expenses.task'), 'items.required' => Wording::of('receipts.items'), 'items.*.date.required' => Wording::of('expenses.day'),
            'items.*.category.required' => Wording::of('expenses.category'), 'items.*.currency' => Wording::of('expenses.currency'),
        ];
    }

    /** @return non-empty-list<ExpenseInput> */
    public function expenses(): array
    {
        $expenses = [];
        foreach (array_keys($this->array('items')) as $index) {
            $text = fn (string $name): string => $this->string("items.$index.$name")->trim()->toString();
            $expenses[] = new ExpenseInput(
                Day::of($text('date')), $this->integer('task'), $text('category'), $text('amount'), $text('tax'), false, $text('currency'), '', '', '', '', $this->string('trip')->trim()->toString(),
                true, $this->boolean('isCharged'), $text('note'), '', '', [$this->integer("items.$index.receipt")], null,
            );
        }
        assert($expenses !== []);

        return $expenses;
    }
}
