<?php

declare(strict_types=1);

namespace App\Features\Leave\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Effort\WorkingTime;
use App\Features\Leave\Queries\DaysTaken;
use App\Models\LeaveRequest;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Moss\Core\Leave\LeaveState;

/** Approves or declines a request for leave, once. */
final readonly class DecideLeave
{
    public function __construct(private ApproveLeave $approve, private LeaveNotices $notices, private AuditTrail $auditTrail, private Today $today)
    {
    }

    /** @throws LeaveNotPossible */
    public function handle(Person $by, LeaveRequest $request, bool $isApproved, string $comment): void
    {
        if (! $isApproved && $comment === '') {
            throw LeaveNotPossible::commentMissing();
        }
        DB::transaction(function () use ($by, $request, $isApproved, $comment): void {
            $request->refresh();
            $closed = Organisation::query()->sole()->closed_until;
            if ($request->state !== LeaveState::Requested) {
                throw LeaveNotPossible::decided($request);
            }
            if ($isApproved && $closed !== null && ! $request->starts_on->isAfter($closed)) {
                throw LeaveNotPossible::closed($closed);
            }
            if ($isApproved) {
                self::mustBeFree($request);
                $this->approve->handle($by, $request, $comment);

                return;
            }
            $before = LeaveNotices::told($request);
            $request->update(['state' => LeaveState::Declined, 'decided_by_id' => $by->id, 'decided_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'), 'comment' => $comment]);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Leave, $request->kind->name, 'decline', $by, $before, LeaveNotices::told($request), $request->person_id, $comment)]);
            $this->notices->decided($request, $by);
        });
    }

    /** @throws LeaveNotPossible where something was recorded on these days since they were asked for */
    private static function mustBeFree(LeaveRequest $request): void
    {
        $owner = $request->person;
        $capacity = WorkingTime::load()->capacity($owner->pattern, $owner->calendar_id);
        $span = $request->span();
        $inTheWay = DaysTaken::of($owner, $span->days, $capacity, $request->givingWay())->firstInTheWay($span->days($capacity, $owner->employment()), $request->kind->name, $capacity);
        if ($inTheWay !== null) {
            throw LeaveNotPossible::awaySince(...$inTheWay);
        }
    }
}
