<?php

declare(strict_types=1);

namespace App\Features\Review\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\Effort\Recalculation\EffortChanges;
use App\Effort\Recalculation\UpdateTotals;
use App\Features\Review\Queries\DecidedRow;
use App\Models\Entry;
use App\Models\Person;
use Moss\Core\Sheet\EntryState;

/** Lets decided entries wait again as they did before the decision; within the transaction of the act. */
final readonly class WaitAgain
{
    public function __construct(private AuditTrail $auditTrail, private UpdateTotals $totals)
    {
    }

    /** @param  list<DecidedRow>  $decided  with what they were before the decision */
    public function handle(Person $actor, string $act, array $decided): void
    {
        $changes = new EffortChanges;
        $moves = [];
        $lines = [];
        foreach ($decided as $one) {
            $entry = $one->entry;
            $before = [$one->approvalsBefore, $one->approverBeforeId, $one->decidedBeforeId];
            $moves[json_encode($before, JSON_THROW_ON_ERROR)]['before'] = $before;
            $moves[json_encode($before, JSON_THROW_ON_ERROR)]['ids'][] = $entry->id;
            $changes->moved(
                $entry->taskId, $entry->personId, $entry->roleId, $entry->date->toString(), $entry->state, EntryState::Submitted,
            );
            $lines[] = new AuditTrailLine(
                $act, $actor->id, null, $entry->personId, $entry->taskId, $entry->date->toString(),
                ['role' => $entry->roleId, 'state' => $entry->state->value],
                ['role' => $entry->roleId, 'state' => EntryState::Submitted->value],
            );
        }
        foreach ($moves as ['before' => [$approvals, $approver, $decidedBy], 'ids' => $ids]) {
            Entry::query()->whereIntegerInRaw('id', $ids)->increment('version', 1, [
                'state' => EntryState::Submitted->value,
                'approvals' => $approvals,
                'approver_id' => $approver,
                'last_decided_by_id' => $decidedBy,
                'return_comment' => null,
            ]);
        }
        $this->totals->handle($changes);
        $this->auditTrail->of($lines);
    }
}
