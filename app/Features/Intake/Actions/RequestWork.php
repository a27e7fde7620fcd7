<?php

declare(strict_types=1);

namespace App\Features\Intake\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\IntakeLink;
use App\Models\Person;
use App\Models\WorkRequest;
use App\Models\WorkRequestState;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;

/** Takes a request for work, from somebody here or from a client by a link. */
final readonly class RequestWork
{
    public function __construct(private TakeFiles $files, private WorkRequestNotices $notices, private AuditTrail $auditTrail, private Today $today)
    {
    }

    /** @throws WorkRefused */
    public function ofPerson(Person $by, WorkInput $input): WorkRequest
    {
        return $this->take($by, $input, ['person_id' => $by->id, 'client_id' => $input->client?->id]);
    }

    /** @throws WorkRefused */
    public function ofClient(IntakeLink $link, string $name, string $email, WorkInput $input): WorkRequest
    {
        return $this->take(null, $input, ['intake_link_id' => $link->id, 'client_id' => $link->client_id, 'contact_name' => $name, 'contact_email' => $email]);
    }

    /**
     * @param  array<string, int|string|null>  $from
     *
     * @throws WorkRefused
     */
    private function take(?Person $by, WorkInput $input, array $from): WorkRequest
    {
        return DB::transaction(function () use ($by, $input, $from): WorkRequest {
            $request = WorkRequest::query()->create($from + [
                'title' => $input->title, 'description' => $input->description, 'wanted_by' => $input->wantedBy, 'about_minutes' => $input->about,
                'state' => WorkRequestState::Open, 'requested_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'),
            ])->refresh();
            $this->files->handle($by, $request, $input->uploads);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::WorkRequest, $input->title, 'add', $by, null, AuditTrailLine::told(['name' => $input->title, 'client_id' => $request->client_id, 'wanted_by' => $input->wantedBy, 'about_minutes' => $input->about]))]);
            $this->notices->requested($request);

            return $request;
        });
    }
}
