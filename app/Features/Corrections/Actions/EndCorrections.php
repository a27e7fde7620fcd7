<?php

declare(strict_types=1);

namespace App\Features\Corrections\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Correction;
use App\Models\Person;
use App\Models\ProposalState;
use App\Support\Clock\Today;

/**
 * Withdraws the corrections that wait for entries which are their owner's to change again: approval was undone, and the entry
 * returned or taken back. Within the transaction of the act that did it.
 */
final readonly class EndCorrections
{
    public function __construct(private AuditTrail $auditTrail, private Today $today)
    {
    }

    /** @param  list<int>  $entries */
    public function of(?Person $actor, array $entries): void
    {
        $moot = Correction::query()->whereIntegerInRaw('entry_id', $entries)->waiting()->get();
        if ($moot->isEmpty()) {
            return;
        }
        Correction::query()->whereKey($moot->modelKeys())->update([
            'state' => ProposalState::Withdrawn, 'decided_by_id' => $actor?->id, 'decided_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'),
        ]);
        $this->auditTrail->of(array_values($moot->map(static fn (Correction $correction): AuditTrailLine => new AuditTrailLine(
            'withdraw', $actor?->id, null, $correction->person_id, $correction->task_id, $correction->date,
            ['role' => $correction->role_id, 'minutes' => $correction->minutes->toInt()], ['role' => $correction->role_id, 'minutes' => $correction->minutes_before->toInt()], '', AuditTrailSubject::Correction,
        ))->all()));
    }
}
