<?php

declare(strict_types=1);

namespace App\Features\Intake\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Client;
use App\Models\IntakeLink;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/** Opens intake to the organisation, and makes links for clients and ends them. */
final readonly class KeepIntake
{
    public function __construct(private AuditTrail $auditTrail, private Today $today)
    {
    }

    public function open(Person $by, bool $isOpen): void
    {
        DB::transaction(function () use ($by, $isOpen): void {
            $organisation = Organisation::query()->sole();
            if ($organisation->takes_requests !== $isOpen) {
                $organisation->update(['takes_requests' => $isOpen]);
                $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Setting, 'intake', 'set', $by, ['shown' => $isOpen ? 0 : 1], ['shown' => $isOpen ? 1 : 0])]);
            }
        });
    }

    public function addLink(Person $by, Client $client, Day $endsOn): void
    {
        DB::transaction(function () use ($by, $client, $endsOn): void {
            IntakeLink::query()->create(['client_id' => $client->id, 'created_by_id' => $by->id, 'ends_on' => $endsOn]);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Client, $client->code, 'add link', $by, null, ['to' => $endsOn->toString()])]);
        });
    }

    public function revoke(Person $by, IntakeLink $link): void
    {
        DB::transaction(function () use ($by, $link): void {
            $link->update(['revoked_at' => $link->revoked_at ?? $this->today->now()->format('Y-m-d\TH:i:s\Z')]);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Client, $link->client->code, 'revoke link', $by, ['to' => $link->ends_on->toString()], null)]);
        });
    }
}
