<?php

declare(strict_types=1);

namespace App\Features\Review\Actions;

use App\Approval\DecisionKind;
use App\Approval\DecisionRights;
use App\Approval\ExpenseRoute;
use App\Approval\Waiting;
use App\AuditTrail\AuditTrail;
use App\Expenses\ExpenseAuditTrail;
use App\Expenses\PostReversals;
use App\Models\Expense;
use App\Models\MessageKind;
use App\Models\Organisation;
use App\Models\Person;
use App\Notices\Notice;
use App\Notices\NotifyPeople;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\ActRefused;
use Moss\Core\Sheet\EntryState;

/** Approves or returns expenses, as time is: all of them, or none; twice is the same as once. */
final readonly class DecideExpenses
{
    public function __construct(private Waiting $waiting, private PostReversals $reversals, private NotifyPeople $notify, private AuditTrail $auditTrail, private Today $today)
    {
    }

    /**
     * @param  array<int, int>  $seen  the version that the approver saw, by expense
     * @return int how many were decided now
     *
     * @throws DecisionRefused
     */
    public function handle(Person $approver, DecisionKind $decision, array $seen, string $comment): int
    {
        try {
            return DB::transaction(fn (): int => $this->decide($approver, $decision, $seen, trim($comment)));
        } catch (ActRefused $refused) {
            throw DecisionRefused::because(Wording::actRefused($refused->refusal));
        }
    }

    /** @param  array<int, int>  $seen */
    private function decide(Person $approver, DecisionKind $decision, array $seen, string $comment): int
    {
        $expenses = Expense::query()->with('category', 'currency', 'trip')->whereKey(array_keys($seen))->orderBy('id')->get();
        if ($expenses->count() !== count($seen)) {
            throw DecisionRefused::because(Wording::of('expenses.decided_gone'));
        }
        $default = Organisation::query()->sole()->approval;
        $rights = new DecisionRights($approver, $this->waiting->stoodInFor($approver, $this->today->for($approver)));
        $routed = ExpenseRoute::of(array_keys($seen));
        $decided = new Collection;
        $lines = [];
        foreach ($expenses as $expense) {
            $entry = $routed[$expense->id];
            $route = $entry->route($default);
            $actor = $rights->towards($entry);
            $after = $decision === DecisionKind::Approve ? $entry->status()->approved($actor, $route) : $entry->status()->returned($actor, $comment);
            if ($after == $entry->status()) {
                continue;
            }
            if ($expense->version !== $seen[$expense->id]) {
                throw DecisionRefused::because(Wording::of('expenses.decided_changed'));
            }
            $next = $after->state === EntryState::Submitted ? $route->stepAfter($after->approvals)?->approver : null;
            $before = ExpenseAuditTrail::told($expense);
            $expense->fill([
                'state' => $after->state, 'approvals' => $after->approvals, 'approver_id' => $next === null ? null : (int) $next, 'last_decided_by_id' => $approver->id,
                'return_comment' => $decision === DecisionKind::Return ? $comment : null, 'version' => $expense->version + 1,
            ])->save();
            $lines[] = ExpenseAuditTrail::line($expense, $decision->value, $approver, $before, ExpenseAuditTrail::told($expense), $comment, $rights->insteadOf($entry));
            $decided->push($expense);
        }
        $this->auditTrail->of($lines);
        $this->reversals->handle($decided->where('state', EntryState::Approved));
        $this->notify->of(self::notices($approver, $decided, $comment));

        return $decided->count();
    }

    /**
     * One for each person and week.
     *
     * @param  Collection<int, Expense>  $decided
     * @return list<Notice>
     */
    private static function notices(Person $approver, Collection $decided, string $comment): array
    {
        $notices = [];
        foreach ($decided->where('state', '!=', EntryState::Submitted)->groupBy(static fn (Expense $one): string => $one->person_id.' '.Week::containing($one->date)->toString()) as $ofWeek) {
            $first = $ofWeek->firstOrFail();
            $week = Week::containing($first->date);
            $notices[] = new Notice(
                $first->person_id, $first->state === EntryState::Returned ? MessageKind::ExpensesReturned : MessageKind::ExpensesDecided, 'expenses '.$first->id.' '.$first->version,
                ['name' => $approver->name, 'week' => $week->number(), 'comment' => $comment],
                route('expenses', ['person' => $first->person()->firstOrFail()->code, 'week' => $week->toString()], false),
            );
        }

        return $notices;
    }
}
