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
use App\Models\DecidedExpense;
use App\Models\Expense;
use App\Models\ExpenseDecision;
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
     * @return array{int, int|null} how many were decided now, and the decision; null where nothing was
     *
     * @throws DecisionRefused
     */
    public function handle(Person $approver, DecisionKind $decision, array $seen, string $comment): array
    {
        try {
            return DB::transaction(fn (): array => $this->decide($approver, $decision, $seen, trim($comment)));
        } catch (ActRefused $refused) {
            throw DecisionRefused::because(Wording::actRefused($refused->refusal));
        }
    }

    public static function about(int $decision): string
    {
        return 'expense decision '.$decision;
    }

    /**
     * @param  array<int, int>  $seen
     * @return array{int, int|null}
     */
    private function decide(Person $approver, DecisionKind $decision, array $seen, string $comment): array
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
        $rows = [];
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
            $rows[] = ['expense_id' => $expense->id, 'version' => $expense->version + 1, 'approvals_before' => $expense->approvals, 'approver_before_id' => $expense->approver_id, 'decided_before_id' => $expense->last_decided_by_id];
            $expense->fill([
                'state' => $after->state, 'approvals' => $after->approvals, 'approver_id' => $next === null ? null : (int) $next, 'last_decided_by_id' => $approver->id,
                'return_comment' => $decision === DecisionKind::Return ? $comment : null, 'version' => $expense->version + 1,
            ])->save();
            $lines[] = ExpenseAuditTrail::line($expense, $decision->value, $approver, $before, ExpenseAuditTrail::told($expense), $comment, $rights->insteadOf($entry));
            $decided->push($expense);
        }
        $this->auditTrail->of($lines);
        $this->reversals->handle($decided->where('state', EntryState::Approved));
        $id = $this->record($approver, $decision, $rows, $comment);
        if ($id !== null) {
            $this->notify->of(self::notices($id, $approver, $decided, $comment));
        }

        return [$decided->count(), $id];
    }

    /**
     * What it took with it, so that it can be undone until somebody else acts on it.
     *
     * @param  list<array<string, int|null>>  $rows
     */
    private function record(Person $approver, DecisionKind $decision, array $rows, string $comment): ?int
    {
        if ($rows === []) {
            return null;
        }
        $id = ExpenseDecision::query()->create(['at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'), 'actor_id' => $approver->id, 'decision' => $decision->value, 'comment' => $comment, 'expenses' => count($rows)])->id;
        foreach (array_chunk($rows, 500) as $some) {
            DecidedExpense::query()->insert(array_map(static fn (array $row): array => ['expense_decision_id' => $id] + $row, $some));
        }

        return $id;
    }

    /**
     * One for each person and week.
     *
     * @param  Collection<int, Expense>  $decided
     * @return list<Notice>
     */
    private static function notices(int $decision, Person $approver, Collection $decided, string $comment): array
    {
        $notices = [];
        foreach ($decided->where('state', '!=', EntryState::Submitted)->groupBy(static fn (Expense $one): string => $one->person_id.' '.Week::containing($one->date)->toString()) as $ofWeek) {
            $first = $ofWeek->firstOrFail();
            $week = Week::containing($first->date);
            $notices[] = new Notice(
                $first->person_id, $first->state === EntryState::Returned ? MessageKind::ExpensesReturned : MessageKind::ExpensesDecided, self::about($decision).' '.$first->id,
                ['name' => $approver->name, 'week' => $week->number(), 'comment' => $comment],
                route('expenses', ['person' => $first->person()->firstOrFail()->code, 'week' => $week->toString()], false),
            );
        }

        return $notices;
    }
}
