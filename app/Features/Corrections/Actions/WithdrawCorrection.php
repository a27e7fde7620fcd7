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
use Illuminate\Support\Facades\DB;

/** Takes a proposed correction back while nobody has decided; twice is the same as once. */
final readonly class WithdrawCorrection
{
    public function __construct(private AuditTrail $auditTrail, private Today $today)
    {
    }

    /** @throws CorrectionRefused if it is decided, or there is none of that owner */
    public function handle(Person $actor, Person $owner, int $id): void
    {
        DB::transaction(function () use ($actor, $owner, $id): void {
            $correction = Correction::query()->where('person_id', $owner->id)->find($id) ?? throw CorrectionRefused::because('gone');
            if ($correction->state === ProposalState::Withdrawn) {
                return;
            }
            if ($correction->state !== ProposalState::Waiting) {
                throw CorrectionRefused::because('decided');
            }
            $correction->update(['state' => ProposalState::Withdrawn, 'decided_by_id' => $actor->id, 'decided_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z')]);
            $this->auditTrail->of([new AuditTrailLine(
                'withdraw', $actor->id, null, $owner->id, $correction->task_id, $correction->date,
                ['role' => $correction->role_id, 'minutes' => $correction->minutes->toInt()], ['role' => $correction->role_id, 'minutes' => $correction->minutes_before->toInt()], '', AuditTrailSubject::Correction,
            )]);
        });
    }
}
