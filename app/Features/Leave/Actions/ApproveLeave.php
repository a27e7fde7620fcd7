<?php

declare(strict_types=1);

namespace App\Features\Leave\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\LeaveRequest;
use App\Models\Person;
use App\Support\Clock\Today;
use Moss\Core\Leave\LeaveState;

/** Lets a request hold: its days become absences, and what it replaces ends. Within the transaction of the act. */
final readonly class ApproveLeave
{
    public function __construct(private LeaveNotices $notices, private AuditTrail $auditTrail, private Today $today)
    {
    }

    /** @param  Person|null  $by  null where a rule approves */
    public function handle(?Person $by, LeaveRequest $request, string $comment): void
    {
        $replaced = $request->replaces;
        if ($replaced !== null && $replaced->state === LeaveState::Approved) {
            LeaveAbsences::remove($replaced);
            $replaced->update(['state' => LeaveState::Replaced]);
        }
        $before = LeaveNotices::told($request);
        $request->update(['state' => LeaveState::Approved, 'decided_by_id' => $by?->id, 'decided_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'), 'comment' => $comment]);
        LeaveAbsences::write($request);
        $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Leave, $request->kind->name, 'approve', $by, $before, LeaveNotices::told($request), $request->person_id, $comment)]);
        $this->notices->decided($request, $by);
    }
}
