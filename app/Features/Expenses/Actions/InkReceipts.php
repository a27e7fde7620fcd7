<?php

declare(strict_types=1);

namespace App\Features\Expenses\Actions;

use App\Models\Person;
use App\Models\Receipt;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;

/** Makes expenses of receipts that wait, as the person has confirmed them: all of them, or none. */
final readonly class InkReceipts
{
    public function __construct(private SaveExpense $save)
    {
    }

    /**
     * @param  non-empty-list<ExpenseInput>  $expenses  each with its receipts
     *
     * @throws ExpenseRefused whose field begins with the number of the expense, from 0
     */
    public function handle(Person $actor, Person $owner, array $expenses): void
    {
        DB::transaction(function () use ($actor, $owner, $expenses): void {
            $ids = array_merge(...array_map(static fn (ExpenseInput $one): array => $one->receipts, $expenses));
            if (Receipt::query()->whereIntegerInRaw('id', $ids)->where('person_id', $owner->id)->whereNull('expense_id')->count() !== count(array_unique($ids))) {
                throw ExpenseRefused::because(Wording::of('receipts.gone'), 'items');
            }
            foreach ($expenses as $index => $expense) {
                try {
                    $this->save->handle($actor, $owner, null, $expense);
                } catch (ExpenseRefused $refused) {
                    throw ExpenseRefused::because($refused->getMessage(), "items.$index.$refused->field");
                }
            }
        });
    }
}
