<?php

declare(strict_types=1);

namespace App\Features\Review\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\Effort\Recalculation\EffortChanges;
use App\Effort\Recalculation\UpdateTotals;
use App\Models\Entry;
use App\Models\Person;
use App\Support\Database\Record;
use Moss\Core\Sheet\EntryState;

/** Lets decided entries wait again as they did before the decision; within the transaction of the act. */
final readonly class WaitAgain
{
    public function __construct(private AuditTrail $auditTrail, private UpdateTotals $totals)
    {
    }

    /** @param  list<Record>  $entries  with what they were before the decision */
    public function handle(Person $actor, string $act, array $entries): void
    {
        $changes = new EffortChanges;
        $moves = [];
        $lines = [];
        foreach ($entries as $entry) {
            $before = [$entry->int('approvals_before'), $entry->intOrNull('approver_before_id'), $entry->intOrNull('decided_before_id')];
            $moves[json_encode($before, JSON_THROW_ON_ERROR)]['before'] = $before;
            $moves[json_encode($before, JSON_THROW_ON_ERROR)]['ids'][] = $entry->int('id');
            $changes->moved(
                $entry->int('task_id'), $entry->int('person_id'), $entry->intOrNull('role_id'), $entry->string('date'), EntryState::from($entry->string('state')), EntryState::Submitted,
            );
            $lines[] = new AuditTrailLine(
                $act, $actor->id, null, $entry->int('person_id'), $entry->int('task_id'), $entry->string('date'),
                ['role' => $entry->intOrNull('role_id'), 'state' => $entry->string('state')],
                ['role' => $entry->intOrNull('role_id'), 'state' => EntryState::Submitted->value],
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
