<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Moss\Core\Sheet\EntryState;

/**
 * What an expense was before a decision, so that the decision can be undone. Its key is of several columns, so that rows are written in bulk.
 *
 * @property int $expense_decision_id
 * @property int $expense_id
 * @property int $version
 * @property int $approvals_before
 * @property int|null $approver_before_id
 * @property int|null $decided_before_id
 * @property-read Expense $expense
 */
final class DecidedExpense extends Model
{
    protected $table = 'decided_expenses';

    public $timestamps = false;

    public $incrementing = false;

    protected $fillable = ['expense_decision_id', 'expense_id', 'version', 'approvals_before', 'approver_before_id', 'decided_before_id'];

    /** @return BelongsTo<Expense, $this> */
    public function expense(): BelongsTo
    {
        return $this->belongsTo(Expense::class);
    }

    /** Whether nobody has acted on the expense since. */
    public function canBeUndone(): bool
    {
        return $this->expense->version === $this->version && $this->expense->state !== EntryState::Settled;
    }
}
