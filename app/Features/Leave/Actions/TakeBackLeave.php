<?php

declare(strict_types=1);

namespace App\Features\Leave\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\LeaveRequest;
use App\Models\Organisation;
use App\Models\Person;
use Illuminate\Support\Facades\DB;
use Moss\Core\Leave\LeaveState;

/** Takes back what was asked for, approved or not; the days of a closed period stay as they are. */
final readonly class TakeBackLeave
{
    public function __construct(private LeaveNotices $notices, private AuditTrail $auditTrail)
    {
    }

    /** @throws LeaveNotPossible */
    public function handle(Person $by, LeaveRequest $request): void
    {
        DB::transaction(function () use ($by, $request): void {
            $request->refresh();
            if (! $request->state->isOpen()) {
                throw LeaveNotPossible::decided($request);
            }
            $wasApproved = $request->state === LeaveState::Approved;
            $closed = Organisation::query()->sole()->closed_until;
            if ($wasApproved && $closed !== null && ! $request->starts_on->isAfter($closed)) {
                throw LeaveNotPossible::closed($closed);
            }
            $before = LeaveNotices::told($request);
            if ($wasApproved) {
                LeaveAbsences::remove($request);
                LeaveRequest::query()->where('replaces_id', $request->id)->where('state', LeaveState::Requested)->update(['state' => LeaveState::TakenBack]);
            }
            $request->update(['state' => LeaveState::TakenBack]);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Leave, $request->kind->name, 'take back', $by, $before, LeaveNotices::told($request), $request->person_id)]);
            $this->notices->takenBack($request, $by, $wasApproved);
        });
    }
}
