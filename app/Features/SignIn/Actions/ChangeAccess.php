<?php

declare(strict_types=1);

namespace App\Features\SignIn\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Person;
use App\Models\SignIn;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;

/** Sets passwords, disables and enables people, and ends what they are signed in with. Whatever it does ends all their sign-ins. */
final readonly class ChangeAccess
{
    public function __construct(private Today $today, private AuditTrail $auditTrail)
    {
    }

    public function setPassword(Person $person, string $password): void
    {
        $this->change($person, 'set password', ['password' => $password, 'remember_token' => null]);
    }

    public function disable(Person $person): void
    {
        $this->change($person, 'disable', ['disabled_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z')]);
    }

    public function enable(Person $person): void
    {
        $this->change($person, 'enable', ['disabled_at' => null]);
    }

    public function signOut(Person $person): void
    {
        $this->change($person, 'sign out', []);
    }

    /** @param  array<string, string|null>  $values */
    private function change(Person $person, string $act, array $values): void
    {
        DB::transaction(function () use ($person, $act, $values): void {
            $person->forceFill($values)->save();
            SignIn::query()->where('person_id', $person->id)->delete();
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Access, $person->code, $act, null, null, null, $person->id)]);
        });
    }
}
