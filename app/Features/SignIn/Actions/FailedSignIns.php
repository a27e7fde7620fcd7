<?php

declare(strict_types=1);

namespace App\Features\SignIn\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Person;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Writes down that signing in failed: of whom and from where, never what was typed. */
final readonly class FailedSignIns
{
    public function __construct(private AuditTrail $auditTrail, private Request $request)
    {
    }

    /**
     * @param  Person|null  $person  null where nobody has the address that was given
     * @param  string  $wrong  what was wrong
     */
    public function tell(?Person $person, string $wrong): void
    {
        DB::transaction(fn () => $this->auditTrail->of([AuditTrailLine::on(
            AuditTrailSubject::Access,
            $person->code ?? '',
            'sign-in failed',
            null,
            null,
            ['wrong' => $wrong, 'network address' => (string) $this->request->ip()],
            $person?->id,
        )]));
    }
}
