<?php

declare(strict_types=1);

namespace App\Features\Review\Actions;

use App\AuditTrail\AuditTrail;
use App\Expenses\ExpenseAuditTrail;
use App\Expenses\PostReversals;
use App\Models\DecidedExpense;
use App\Models\Expense;
use App\Models\ExpenseDecision;
use App\Models\Person;
use App\Notices\NotifyPeople;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Moss\Core\Sheet\EntryState;

/** Undoes one's own decision on expenses as long as nobody has acted on any of them: all of it, or nothing; twice is the same as once. */
final readonly class UndoExpenseDecision
{
    public function __construct(private PostReversals $reversals, private NotifyPeople $notify, private AuditTrail $auditTrail, private Today $today)
    {
    }

    /**
     * @return int how many expenses wait again
     *
     * @throws DecisionRefused
     */
    public function handle(Person $approver, int $decision): int
    {
        return DB::transaction(function () use ($approver, $decision): int {
            $made = ExpenseDecision::query()->with('decided.expense.category', 'decided.expense.currency', 'decided.expense.trip')->where('actor_id', $approver->id)->find($decision)
                ?? throw DecisionRefused::because(Wording::refusal('decided.no_decision'));
            if ($made->undone_at !== null) {
                return 0;
            }
            if (! $made->canBeUndone() || ! $this->reversals->takeBack($made->decided->map(static fn (DecidedExpense $one): Expense => $one->expense))) {
                throw DecisionRefused::because(Wording::refusal('act.acted_on'));
            }
            $this->waitAgain($approver, $made->decided);
            $this->notify->takeBack(DecideExpenses::about($made->id));
            $made->update(['undone_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z')]);

            return $made->expenses;
        });
    }

    /** @param  Collection<int, DecidedExpense>  $decided */
    private function waitAgain(Person $approver, Collection $decided): void
    {
        $lines = [];
        foreach ($decided as $one) {
            $before = ExpenseAuditTrail::told($one->expense);
            $one->expense->fill([
                'state' => EntryState::Submitted, 'approvals' => $one->approvals_before, 'approver_id' => $one->approver_before_id, 'last_decided_by_id' => $one->decided_before_id, 'return_comment' => null, 'version' => $one->version + 1,
            ])->save();
            $lines[] = ExpenseAuditTrail::line($one->expense, 'undo', $approver, $before, ExpenseAuditTrail::told($one->expense));
        }
        $this->auditTrail->of($lines);
    }
}
