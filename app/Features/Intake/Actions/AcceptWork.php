<?php

declare(strict_types=1);

namespace App\Features\Intake\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\Plan\Actions\PlanRefused;
use App\Features\Plan\Actions\ProjectSettings;
use App\Features\Plan\Actions\SaveProject;
use App\Models\ClientContact;
use App\Models\Person;
use App\Models\Project;
use App\Models\ProjectContact;
use App\Models\WorkRequest;
use App\Models\WorkRequestState;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;

/** Turns a request for work into a project, with its client, contact, dates and about as many hours. */
final readonly class AcceptWork
{
    public function __construct(private SaveProject $projects, private WorkRequestNotices $notices, private AuditTrail $auditTrail, private Today $today)
    {
    }

    /**
     * @param  string  $hours  as typed; planned on a first task
     *
     * @throws WorkRefused if it is decided already
     * @throws PlanRefused if the project cannot be so
     */
    public function handle(Person $by, WorkRequest $request, ProjectSettings $settings, string $hours): Project
    {
        return DB::transaction(function () use ($by, $request, $settings, $hours): Project {
            if ($request->refresh()->state !== WorkRequestState::Open) {
                throw WorkRefused::because('decided');
            }
            $project = $this->projects->create($by, '', $settings, $hours);
            $contact = self::contact($request, $project);
            if ($contact !== null) {
                ProjectContact::query()->create(['project_id' => $project->id, 'client_contact_id' => $contact->id]);
            }
            $request->update(['state' => WorkRequestState::Accepted, 'decided_by_id' => $by->id, 'decided_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z'), 'project_id' => $project->id]);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::WorkRequest, $request->title, 'accept', $by, null, ['project' => $project->code], $request->person_id)]);
            $this->notices->decided($request, $by);

            return $project;
        });
    }

    /** Who asked at the client becomes a contact of the client, if they are none yet. */
    private static function contact(WorkRequest $request, Project $project): ?ClientContact
    {
        return $request->contact_name === '' || $project->client_id === null
            ? null
            : ClientContact::query()->firstOrCreate(['client_id' => $project->client_id, 'name' => $request->contact_name, 'email' => $request->contact_email]);
    }
}
