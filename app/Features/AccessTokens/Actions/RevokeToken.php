<?php

declare(strict_types=1);

namespace App\Features\AccessTokens\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\AccessToken;
use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Ends a token at once, with what was answered to it. */
final readonly class RevokeToken
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    public function handle(Person $person, AccessToken $token): void
    {
        DB::transaction(function () use ($person, $token): void {
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Access, $person->code, 'revoke token', $person, ['name' => $token->name], null, $person->id)]);
            $token->delete();
        });
    }
}
