<?php

declare(strict_types=1);

namespace App\Features\Expenses\Actions;

use App\AuditTrail\AuditTrail;
use App\Expenses\Currencies;
use App\Expenses\ExpenseAuditTrail;
use App\Expenses\UsableCategories;
use App\Features\Week\Queries\RecordableTasks;
use App\Models\Expense;
use App\Models\ExpenseCategory;
use App\Models\Person;
use App\Models\Receipt;
use App\Models\Trip;
use App\OwnFields\FieldsChange;
use App\OwnFields\OwnFieldsRefused;
use App\OwnFields\SaveOwnFields;
use App\OwnFields\TypedFields;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\Sheet\Actor;
use Moss\Core\Sheet\ActRefused;
use Moss\Core\Sheet\EntryStatus;

/** Adds and changes an expense, with its receipts; and removes one that is open. */
final readonly class SaveExpense
{
    public function __construct(private RecordableTasks $tasks, private SaveOwnFields $fields, private AuditTrail $auditTrail)
    {
    }

    /**
     * @param  Expense|null  $expense  null for a new one
     *
     * @throws ExpenseRefused
     */
    public function handle(Person $actor, Person $owner, ?Expense $expense, ExpenseInput $input): Expense
    {
        return DB::transaction(function () use ($actor, $owner, $expense, $input): Expense {
            $stored = $expense === null ? new Expense(['person_id' => $owner->id]) : self::mustBeOpen($actor, $owner, $expense, $input->version);
            $before = $stored->exists ? ExpenseAuditTrail::told($stored) : null;
            $this->mustBeRecordable($owner, $stored, $input);
            $category = self::category($owner, $stored, $input->category);
            $stored->fill([
                ...PricedExpense::of($input, $category, Currencies::load())->columns(),
                'task_id' => $input->task, 'expense_category_id' => $category->id, 'date' => $input->day, 'charged' => $input->isCharged, 'own_money' => $input->isOwnMoney || $category->mileage,
                'trip_id' => trim($input->trip) === '' ? null : Trip::query()->firstOrCreate(['person_id' => $owner->id, 'name' => trim($input->trip)])->id,
                'from_place' => $category->mileage ? $input->from : '', 'to_place' => $category->mileage ? $input->to : '', 'note' => $input->note, 'client_note' => $input->clientNote,
                'explanation' => $input->explanation, 'version' => $stored->exists ? $stored->version + 1 : 1, 'recorded_by_id' => $actor->id === $owner->id ? null : $actor->id,
            ])->save();
            self::attach($owner, $stored, $input->receipts);
            $stored->unsetRelations();
            $fields = $this->saveFields($owner, $stored, $input);
            $this->auditTrail->of([ExpenseAuditTrail::line(
                $stored, $before === null ? 'add' : 'change', $actor, $before === null ? null : $before + $fields->before, ExpenseAuditTrail::told($stored) + $fields->after,
            )]);

            return $stored;
        });
    }

    /** @throws ExpenseRefused */
    private function saveFields(Person $owner, Expense $expense, ExpenseInput $input): FieldsChange
    {
        $typed = new TypedFields($input->fields, $input->day, $owner->team()->first()?->code, $expense->task->project->client?->code);
        try {
            return $this->fields->handle(FieldSubject::Expense, [$expense->id => $typed])[$expense->id] ?? new FieldsChange;
        } catch (OwnFieldsRefused $refused) {
            $messages = $refused->messages();
            throw ExpenseRefused::because($messages[array_key_first($messages)], array_key_first($messages));
        }
    }

    /** @throws ExpenseRefused */
    public function remove(Person $actor, Person $owner, Expense $expense): void
    {
        DB::transaction(function () use ($actor, $owner, $expense): void {
            $stored = self::mustBeOpen($actor, $owner, $expense, null);
            $this->auditTrail->of([ExpenseAuditTrail::line($stored, 'remove', $actor, ExpenseAuditTrail::told($stored), null)]);
            // Its receipts wait for another.
            Receipt::query()->where('expense_id', $stored->id)->update(['expense_id' => null]);
            $stored->delete();
        });
    }

    /** @throws ExpenseRefused */
    private static function mustBeOpen(Person $actor, Person $owner, Expense $expense, ?int $version): Expense
    {
        $stored = Expense::query()->whereKey($expense->id)->where('person_id', $owner->id)->first() ?? throw ExpenseRefused::because(Wording::of('expenses.gone'));
        try {
            EntryStatus::of($stored->state)->edited(new Actor(isOwner: $actor->id === $owner->id, mayRecord: true));
        } catch (ActRefused $refused) {
            throw ExpenseRefused::because(Wording::actRefused($refused->refusal));
        }
        if ($version !== null && $version !== $stored->version) {
            throw ExpenseRefused::because(Wording::of('expenses.changed_meanwhile'));
        }

        return $stored;
    }

    /** @throws ExpenseRefused */
    private function mustBeRecordable(Person $owner, Expense $stored, ExpenseInput $input): void
    {
        // What an expense has, it may keep.
        if ($stored->exists && $stored->task_id === $input->task && $stored->date->equals($input->day)) {
            return;
        }
        $refusal = $this->tasks->refusal($owner, $this->tasks->byId($owner, [$input->task])[$input->task] ?? null, $input->day);
        if ($refusal !== null) {
            throw ExpenseRefused::because($refusal, 'task');
        }
    }

    /** @throws ExpenseRefused */
    private static function category(Person $owner, Expense $stored, string $code): ExpenseCategory
    {
        $category = UsableCategories::of($owner)->where('code', $code)->with('mileageRates')->first()
            ?? ($stored->exists ? ExpenseCategory::query()->whereKey($stored->expense_category_id)->where('code', $code)->with('mileageRates')->first() : null);

        return $category ?? throw ExpenseRefused::because(Wording::of('expenses.category'), 'category');
    }

    /** @param  list<int>  $receipts */
    private static function attach(Person $owner, Expense $expense, array $receipts): void
    {
        Receipt::query()->where('expense_id', $expense->id)->whereNotIn('id', $receipts)->update(['expense_id' => null]);
        Receipt::query()->where('person_id', $owner->id)->whereNull('expense_id')->whereIntegerInRaw('id', $receipts)->update(['expense_id' => $expense->id]);
    }
}
