<?php

declare(strict_types=1);

namespace App\Features\Expenses\Actions;

use App\AuditTrail\AuditTrail;
use App\Expenses\ExpenseAuditTrail;
use App\Models\Expense;
use App\Models\Person;
use App\OwnFields\OwnFieldValues;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\Sheet\Actor;
use Moss\Core\Sheet\ActRefused;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Sheet\EntryStatus;

/**
 * Begins the correction of an approved or settled expense: a draft like it, to be changed and submitted. The corrected one counts until
 * the correction is approved.
 */
final readonly class CorrectExpense
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /** @throws ExpenseRefused */
    public function handle(Person $actor, Person $owner, Expense $expense): Expense
    {
        return DB::transaction(function () use ($actor, $owner, $expense): Expense {
            $stored = Expense::query()->whereKey($expense->id)->where('person_id', $owner->id)->with('category')->first() ?? throw ExpenseRefused::because(Wording::of('expenses.gone'));
            try {
                EntryStatus::of($stored->state)->correctionProposed(new Actor(isOwner: $actor->id === $owner->id, maySubmit: true));
            } catch (ActRefused $refused) {
                throw ExpenseRefused::because(Wording::actRefused($refused->refusal));
            }
            if ($stored->reverses || Expense::query()->where('corrects_id', $stored->id)->exists()) {
                throw ExpenseRefused::because(Wording::of('expenses.corrected_already'));
            }
            $correction = $stored->asAnother()->fill([
                'state' => EntryState::Draft, 'corrects_id' => $stored->id, 'recorded_by_id' => $actor->id === $owner->id ? null : $actor->id,
            ]);
            $correction->save();
            OwnFieldValues::copy(FieldSubject::Expense, [$stored->id => $correction->id]);
            $this->auditTrail->of([ExpenseAuditTrail::line($correction, 'correct', $actor, null, ExpenseAuditTrail::told($correction->unsetRelations()))]);

            return $correction;
        });
    }
}
