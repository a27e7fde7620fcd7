<?php

declare(strict_types=1);

namespace App\Features\SecondFactor\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\MessageKind;
use App\Models\Person;
use App\Models\RecoveryCode;
use App\Models\SecondFactor;
use App\Notices\Notice;
use App\Notices\NotifyPeople;
use Illuminate\Support\Facades\DB;

/** Takes the second factor of a person away, with their recovery codes. */
final readonly class RemoveFactor
{
    public function __construct(private AuditTrail $auditTrail, private NotifyPeople $notify)
    {
    }

    /** @param  Person|null  $by  null for an operator at the command line */
    public function handle(Person $person, ?Person $by): void
    {
        DB::transaction(function () use ($person, $by): void {
            RecoveryCode::query()->where('person_id', $person->id)->delete();
            if (SecondFactor::query()->whereKey($person->id)->delete() > 0) {
                $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Access, $person->code, 'remove second factor', $by, null, null, $person->id)]);
                $this->notify->of([new Notice($person->id, MessageKind::SignInChanged, 'sign-in '.bin2hex(random_bytes(8)), ['what' => 'factor off'], '/account')]);
            }
        });
    }
}
