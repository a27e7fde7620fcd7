<?php

declare(strict_types=1);

namespace App\Features\Expenses\Actions;

use App\Approval\ExpenseRoute;
use App\AuditTrail\AuditTrail;
use App\Expenses\Currencies;
use App\Expenses\ExpenseAuditTrail;
use App\Expenses\PostReversals;
use App\Features\Expenses\Queries\ExpenseFindings;
use App\Models\Expense;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Language\Wording;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Expenses\ExpenseFinding;
use Moss\Core\HouseRules\Severity;
use Moss\Core\Sheet\Actor;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Sheet\EntryStatus;

/**
 * Submits the open expenses of a person's days, by the same route as time on their tasks: all of them, or none; twice is the same as
 * once. And takes back what nobody has decided on.
 */
final readonly class SubmitExpenses
{
    public function __construct(private ExpenseFindings $findings, private PostReversals $reversals, private AuditTrail $auditTrail)
    {
    }

    /**
     * @return Collection<int, Expense> what was submitted
     *
     * @throws ExpenseRefused if a finding stands in the way
     */
    public function handle(Person $actor, Person $owner, DayRange $days): Collection
    {
        return DB::transaction(function () use ($actor, $owner, $days): Collection {
            $going = Expense::query()->where('person_id', $owner->id)->during($days)->whereIn('state', [EntryState::Draft, EntryState::Returned])->with('category', 'currency', 'trip')->get();
            if ($going->isEmpty()) {
                return $going;
            }
            $currencies = Currencies::load();
            $found = $this->findings->of($going, $currencies);
            $this->mustBeClear($going, $found, $actor, $currencies);
            $organisation = Organisation::query()->sole();
            $routed = ExpenseRoute::of(array_values(array_map(static fn (Expense $one): int => $one->id, $going->all())));
            $lines = [];
            foreach ($going as $expense) {
                $before = ExpenseAuditTrail::told($expense);
                $route = $routed[$expense->id]->route($organisation->approval);
                $needsAttention = array_filter($found[$expense->id] ?? [], static fn (ExpenseFinding $one): bool => $one->severity->needsAttention()) !== [];
                $after = EntryStatus::of($expense->state)->submitted(new Actor(isOwner: $actor->id === $owner->id, maySubmit: true), $route, $organisation->self_approve && ! $needsAttention);
                $approver = $after->state === EntryState::Submitted ? $route->stepAfter(0)?->approver : null;
                $expense->fill([
                    'state' => $after->state, 'approver_id' => $approver === null ? null : (int) $approver, 'needs_attention' => $needsAttention, 'approvals' => 0, 'last_decided_by_id' => null,
                    'return_comment' => null, 'version' => $expense->version + 1,
                ])->save();
                $lines[] = ExpenseAuditTrail::line($expense, 'submit', $actor, $before, ExpenseAuditTrail::told($expense));
            }
            $this->auditTrail->of($lines);
            $this->reversals->handle($going->where('state', EntryState::Approved));

            return $going;
        });
    }

    /** @return int how many were taken back */
    public function takeBack(Person $actor, Person $owner, DayRange $days): int
    {
        return DB::transaction(function () use ($actor, $owner, $days): int {
            $waiting = Expense::query()->where('person_id', $owner->id)->during($days)->where('state', EntryState::Submitted)->where('approvals', 0)->with('category', 'currency', 'trip')->get();
            $lines = [];
            foreach ($waiting as $expense) {
                $before = ExpenseAuditTrail::told($expense);
                $after = EntryStatus::of($expense->state)->takenBack(new Actor(isOwner: $actor->id === $owner->id, maySubmit: true));
                $expense->fill(['state' => $after->state, 'approver_id' => null, 'needs_attention' => false, 'version' => $expense->version + 1])->save();
                $lines[] = ExpenseAuditTrail::line($expense, 'take back', $actor, $before, ExpenseAuditTrail::told($expense));
            }
            $this->auditTrail->of($lines);

            return $waiting->count();
        });
    }

    /**
     * @param  Collection<int, Expense>  $going
     * @param  array<int, list<ExpenseFinding>>  $found
     *
     * @throws ExpenseRefused
     */
    private function mustBeClear(Collection $going, array $found, Person $reader, Currencies $currencies): void
    {
        foreach ($going as $expense) {
            foreach ($found[$expense->id] ?? [] as $one) {
                if ($one->severity === Severity::Blocking || ($one->severity === Severity::NeedsExplanation && trim($expense->explanation) === '')) {
                    throw ExpenseRefused::because(Wording::of($one->severity === Severity::Blocking ? 'expenses.blocked' : 'expenses.asked', [
                        'expense' => $expense->category->name, 'day' => Wording::day($expense->date), 'what' => ExpenseFindings::what($one, $reader, $currencies),
                    ]));
                }
            }
        }
    }
}
