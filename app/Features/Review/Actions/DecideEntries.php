<?php

declare(strict_types=1);

namespace App\Features\Review\Actions;

use App\Approval\DecisionKind;
use App\Approval\DecisionRights;
use App\Approval\EntryRoute;
use App\Approval\RecordDecision;
use App\Approval\RoutedEntry;
use App\Approval\Waiting;
use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\Effort\Recalculation\EffortChanges;
use App\Effort\Recalculation\UpdateTotals;
use App\Features\Corrections\Actions\EndCorrections;
use App\Models\Entry;
use App\Models\Organisation;
use App\Models\Person;
use App\Notices\NotifyPeople;
use App\Pay\StorePayKinds;
use App\Support\Clock\Today;
use App\Support\Database\Rows;
use App\Support\Language\Wording;
use Illuminate\Support\Facades\DB;
use Moss\Core\Sheet\ActRefused;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Sheet\EntryStatus;
use Moss\Core\Time\Minutes;

/** Approves or returns entries: all of them, or none; twice is the same as once. */
final readonly class DecideEntries
{
    public function __construct(private Waiting $waiting, private RecordDecision $record, private NotifyPeople $notify, private EndCorrections $corrections, private UpdateTotals $totals, private AuditTrail $auditTrail, private Today $today, private StorePayKinds $payKinds)
    {
    }

    /**
     * @param  array<int, int>  $seen  the version that the approver saw, by entry id
     * @return DecisionResult what was decided now
     *
     * @throws DecisionRefused
     */
    public function handle(Person $approver, DecisionKind $decision, array $seen, string $comment): DecisionResult
    {
        if ($seen === []) {
            throw DecisionRefused::because(Wording::refusal('decided.none'));
        }
        try {
            return DB::transaction(fn (): DecisionResult => $this->decide($approver, $decision, $seen, trim($comment)));
        } catch (ActRefused $refused) {
            throw DecisionRefused::because(Wording::actRefused($refused->refusal));
        }
    }

    /** @param  array<int, int>  $seen */
    private function decide(Person $approver, DecisionKind $decision, array $seen, string $comment): DecisionResult
    {
        $entries = Rows::of(RoutedEntry::class, EntryRoute::entries()->whereIntegerInRaw('entries.id', array_keys($seen)));
        if (count($entries) !== count($seen)) {
            throw DecisionRefused::because(Wording::refusal('decided.gone'));
        }
        $default = Organisation::query()->sole()->approval;
        $rights = new DecisionRights($approver, $this->waiting->stoodInFor($approver, $this->today->for($approver)));
        $changes = new EffortChanges;
        $moves = [];
        $lines = [];
        $taken = [];
        $told = [];
        $decided = Minutes::zero();
        foreach ($entries as $entry) {
            $before = $entry->status();
            $route = $entry->route($default);
            $actor = $rights->towards($entry);
            $after = $decision === DecisionKind::Approve ? $before->approved($actor, $route) : $before->returned($actor, $comment);
            if ($after == $before) {
                continue;
            }
            if ($entry->version !== $seen[$entry->id]) {
                throw DecisionRefused::because(Wording::refusal('decided.changed'));
            }
            $next = $after->state === EntryState::Submitted ? $route->stepAfter($after->approvals)?->approver : null;
            $moves[$after->state->value.' '.$after->approvals.' '.$next][] = $entry->id;
            $changes->moved($entry->taskId, $entry->personId, $entry->roleId, $entry->date, $before->state, $after->state);
            $lines[] = $this->auditTrailLine($approver, $rights->insteadOf($entry), $decision, $entry, $after, $comment);
            $taken[] = $entry->afterAct();
            $told[] = [$entry, $after->state];
            $decided = $decided->plus($entry->minutes);
        }
        $this->move($approver, $decision, $moves, $comment);
        $this->payKinds->handle(array_map(static fn (RoutedEntry $entry): int => $entry->id, $taken));
        $this->totals->handle($changes);
        $this->auditTrail->of($lines);
        if ($decision === DecisionKind::Return) {
            $this->corrections->of($approver, array_map(static fn (RoutedEntry $entry): int => $entry->id, $taken));
        }

        $id = $this->record->of($approver, $decision, $taken, $comment);
        if ($id !== null) {
            $this->notify->of(DecisionNotices::of($id, $approver, $told, $comment));
        }

        return new DecisionResult($decided, count($taken), decision: $id);
    }

    private function auditTrailLine(Person $approver, ?int $insteadOf, DecisionKind $decision, RoutedEntry $entry, EntryStatus $after, string $comment): AuditTrailLine
    {
        return new AuditTrailLine(
            $decision->value,
            $approver->id,
            $insteadOf,
            $entry->personId,
            $entry->taskId,
            $entry->date->toString(),
            ['role' => $entry->roleId, 'state' => $entry->state->value],
            ['role' => $entry->roleId, 'state' => $after->state->value, 'approvals' => $after->approvals, 'minutes' => $entry->minutes->toInt()],
            $comment,
        );
    }

    /** @param  array<string, list<int>>  $moves  ids by new state, approvals and next approver */
    private function move(Person $approver, DecisionKind $decision, array $moves, string $comment): void
    {
        foreach ($moves as $to => $ids) {
            [$state, $approvals, $next] = explode(' ', $to);
            foreach (array_chunk($ids, 1000) as $chunk) {
                Entry::query()->whereIntegerInRaw('id', $chunk)->increment('version', 1, [
                    'state' => $state,
                    'approvals' => (int) $approvals,
                    'approver_id' => $next === '' ? null : (int) $next,
                    'last_decided_by_id' => $approver->id,
                    'return_comment' => $decision === DecisionKind::Return ? $comment : null,
                ]);
            }
        }
    }
}
