<?php

declare(strict_types=1);

namespace App\Expenses;

use App\AuditTrail\AuditTrail;
use App\Models\Expense;
use App\OwnFields\OwnFieldValues;
use Illuminate\Database\Eloquent\Collection;
use Moss\Core\Money\Money;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\Sheet\EntryState;

/**
 * Takes away what was corrected once the correction is approved: the corrected expense stays as it is, and another of the same amount
 * with the other sign lies beside it.
 */
final readonly class PostReversals
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /**
     * Within the transaction of the approval.
     *
     * @param  Collection<int, Expense>  $approved
     */
    public function handle(Collection $approved): void
    {
        $originals = Expense::query()->with('category')->whereKey($approved->where('reverses', false)->pluck('corrects_id')->filter()->all())->get();
        [$lines, $copies] = [[], []];
        foreach ($originals as $original) {
            $reversal = $original->asAnother()->fill([
                'gross_minor' => -$original->gross_minor, 'tax_minor' => -$original->tax_minor, 'gross_cents' => Money::zero()->minus($original->gross_cents), 'cost_cents' => Money::zero()->minus($original->cost_cents),
                'state' => EntryState::Approved, 'corrects_id' => $original->id, 'reverses' => true,
            ]);
            $reversal->save();
            $copies[$original->id] = $reversal->id;
            $lines[] = ExpenseAuditTrail::line($reversal, 'reverse', null, null, ExpenseAuditTrail::told($reversal->unsetRelations()));
        }
        OwnFieldValues::copy(FieldSubject::Expense, $copies);
        $this->auditTrail->of($lines);
    }

    /**
     * Removes the reversals of corrections that wait again; within the transaction of the act.
     *
     * @param  Collection<int, Expense>  $corrections
     * @return bool false if one of them is settled already; nothing is removed then
     */
    public function takeBack(Collection $corrections): bool
    {
        $approved = $corrections->where('reverses', false)->where('state', EntryState::Approved)->pluck('corrects_id')->filter()->all();
        $reversals = Expense::query()->with('category', 'currency', 'trip')->where('reverses', true)->whereIn('corrects_id', $approved)->get();
        if ($reversals->contains(static fn (Expense $reversal): bool => $reversal->state !== EntryState::Approved)) {
            return false;
        }
        $this->auditTrail->of(array_values($reversals->map(static fn (Expense $reversal) => ExpenseAuditTrail::line($reversal, 'undo', null, ExpenseAuditTrail::told($reversal), null))->all()));
        Expense::query()->whereKey($reversals->modelKeys())->delete();

        return true;
    }
}
