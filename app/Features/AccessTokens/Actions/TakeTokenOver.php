<?php

declare(strict_types=1);

namespace App\Features\AccessTokens\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\AccessToken;
use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Makes somebody else answer for an application: from then on it may do what they may. The token stays the same. */
final readonly class TakeTokenOver
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    public function handle(Person $office, AccessToken $token): void
    {
        if ($token->tokenable_id === $office->id) {
            return;
        }
        DB::transaction(function () use ($office, $token): void {
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Access, $token->name, 'take token over', $office, ['person_id' => $token->tokenable_id], ['person_id' => $office->id], $office->id)]);
            $token->update(['tokenable_id' => $office->id]);
        });
    }
}
