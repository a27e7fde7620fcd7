<?php

declare(strict_types=1);

namespace App\Features\SingleSignOn\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\SingleSignOn\KnownIdentity;
use App\Lookup\FreeCode;
use App\Models\Access;
use App\Models\Identity;
use App\Models\Organisation;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\PlainText;
use Illuminate\Support\Facades\DB;

/**
 * Says who somebody from the identity provider is here: whoever came from there before, else whoever has the verified email
 * address; else, where the office allows it, somebody new.
 */
final readonly class FindPerson
{
    private const LONGEST_NAME = 200;

    public function __construct(private AuditTrail $auditTrail, private Today $today)
    {
    }

    /** @throws IdentityRefused */
    public function handle(KnownIdentity $identity): Person
    {
        $known = Identity::query()->with('person')->where('issuer', $identity->issuer)->where('subject', $identity->subject)->first();
        if ($known !== null) {
            return $known->person;
        }
        if ($identity->email === '') {
            throw IdentityRefused::unverified();
        }

        return DB::transaction(function () use ($identity): Person {
            $person = Person::query()->where('email', $identity->email)->first();
            if ($person === null && ! Organisation::query()->sole()->single_sign_on_adds_people) {
                throw IdentityRefused::unknown($identity->email);
            }
            $person ??= $this->add($identity);
            if (Identity::query()->where('person_id', $person->id)->where('issuer', $identity->issuer)->exists()) {
                // The address has gone to somebody else there.
                throw IdentityRefused::unknown($identity->email);
            }
            Identity::query()->create(['person_id' => $person->id, 'issuer' => $identity->issuer, 'subject' => $identity->subject, 'linked_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z')]);
            $this->tell($person, 'link single sign-on', ['provider' => $identity->issuer]);

            return $person;
        });
    }

    private function add(KnownIdentity $identity): Person
    {
        $name = mb_substr(trim(PlainText::clean($identity->name)), 0, self::LONGEST_NAME);
        $person = Person::query()->create([
            'code' => FreeCode::of(Person::query(), (string) strstr($identity->email, '@', true), 'person'),
            'name' => $name === '' ? $identity->email : $name,
            'email' => $identity->email,
            'access' => Access::Member,
        ]);
        $this->tell($person, 'add by single sign-on', ['email' => $person->email]);

        return $person->refresh();
    }

    /** @param  array<string, string>  $after */
    private function tell(Person $person, string $act, array $after): void
    {
        $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Access, $person->code, $act, null, null, $after, $person->id)]);
    }
}
