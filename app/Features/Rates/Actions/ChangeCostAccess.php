<?php

declare(strict_types=1);

namespace App\Features\Rates\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Lets somebody see what hours cost on the projects that they manage, or no longer. */
final readonly class ChangeCostAccess
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    public function handle(Person $office, Person $person, bool $maySee): void
    {
        DB::transaction(function () use ($office, $person, $maySee): void {
            if ($person->sees_cost === $maySee) {
                return;
            }
            $person->update(['sees_cost' => $maySee]);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Access, $person->code, $maySee ? 'show cost' : 'hide cost', $office, null, null, $person->id)]);
        });
    }
}
