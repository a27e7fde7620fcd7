<?php

declare(strict_types=1);

namespace App\Features\Accounts\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Organisation;
use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Whether whoever the identity provider knows becomes a person here. */
final readonly class SetSingleSignOn
{
    public function __construct(private AuditTrail $auditTrail)
    {
    }

    public function handle(Person $office, bool $addsPeople): void
    {
        DB::transaction(function () use ($office, $addsPeople): void {
            $organisation = Organisation::query()->sole();
            $before = $organisation->single_sign_on_adds_people;
            if ($before === $addsPeople) {
                return;
            }
            $organisation->update(['single_sign_on_adds_people' => $addsPeople]);
            $told = static fn (bool $adds): array => ['adds people' => $adds ? 'yes' : 'no'];
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Setting, 'single sign-on', 'set', $office, $told($before), $told($addsPeople))]);
        });
    }
}
