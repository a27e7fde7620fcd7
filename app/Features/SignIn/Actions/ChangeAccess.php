<?php

declare(strict_types=1);

namespace App\Features\SignIn\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\MessageKind;
use App\Models\Person;
use App\Models\SignIn;
use App\Notices\Notice;
use App\Notices\NotifyPeople;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;

/** Sets passwords, disables and enables people, and ends what they are signed in with. Whatever it does ends all their sign-ins. */
final readonly class ChangeAccess
{
    public function __construct(private Today $today, private AuditTrail $auditTrail, private NotifyPeople $notify)
    {
    }

    /** @param  Person|null  $by  null for an operator at the command line; here and below */
    public function setPassword(Person $person, string $password, ?Person $by): void
    {
        $this->change($person, 'set password', ['password' => $password, 'remember_token' => null], $by);
    }

    public function disable(Person $person, ?Person $by): void
    {
        $this->change($person, 'disable', ['disabled_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z')], $by);
    }

    public function enable(Person $person, ?Person $by): void
    {
        $this->change($person, 'enable', ['disabled_at' => null], $by);
    }

    public function signOut(Person $person, ?Person $by): void
    {
        $this->change($person, 'end sign-ins', [], $by);
    }

    /** @param  array<string, string|null>  $values */
    private function change(Person $person, string $act, array $values, ?Person $by): void
    {
        DB::transaction(function () use ($person, $act, $values, $by): void {
            $hadPassword = $person->password !== null;
            $person->forceFill($values)->save();
            SignIn::query()->where('person_id', $person->id)->delete();
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Access, $person->code, $act, $by, null, null, $person->id)]);
            if (isset($values['password']) && $hadPassword) {
                $this->notify->of([new Notice($person->id, MessageKind::SignInChanged, 'sign-in '.bin2hex(random_bytes(8)), ['what' => 'password'], '/account')]);
            }
        });
    }
}
