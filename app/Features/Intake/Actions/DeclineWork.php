<?php

declare(strict_types=1);

namespace App\Features\Intake\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Person;
use App\Models\WorkRequest;
use App\Models\WorkRequestState;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;

/** Declines a request for work, with a comment. */
final readonly class DeclineWork
{
    public function __construct(private WorkRequestNotices $notices, private AuditTrail $auditTrail, private Today $today)
    {
    }

    /** @throws WorkRefused if it is decided already */
    public function handle(Person $by, WorkRequest $request, string $comment): void
    {
        DB::transaction(function () use ($by, $request, $comment): void {
            if ($request->refresh()->state !== WorkRequestState::Open) {
                throw WorkRefused::because('decided');
            }
            $request->update(['state' => WorkRequestState::Declined, 'decided_by_id' => $by->id, 'decided_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'), 'comment' => $comment]);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::WorkRequest, $request->title, 'decline', $by, null, null, $request->person_id, $comment)]);
            $this->notices->decided($request, $by);
        });
    }
}
