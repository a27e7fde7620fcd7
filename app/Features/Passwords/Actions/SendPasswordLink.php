<?php

declare(strict_types=1);

namespace App\Features\Passwords\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\Passwords\Mail\PasswordLinkMail;
use App\Models\Organisation;
use App\Models\PasswordLink;
use App\Models\PasswordLinkKind;
use App\Models\Person;
use App\Support\Clock\Today;
use App\Support\Language\ReaderLanguage;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;

/** Makes a link by which a person sets a password, good once and for an hour, and mails it. Links before it are worthless then. */
final readonly class SendPasswordLink
{
    private const MINUTES = 60;

    /** Links for a forgotten password to one person in an hour. */
    private const MOST_IN_AN_HOUR = 3;

    private const TOKEN_BYTES = 32;

    public function __construct(private Today $today, private AuditTrail $auditTrail)
    {
    }

    /** Does nothing where nobody has the address, they have no access, or have just been sent several. */
    public function handle(string $email, PasswordLinkKind $kind): void
    {
        $person = Person::query()->where('email', $email)->first();
        if ($person === null || ! $person->hasAccess($this->today->for($person)) || $this->hadSeveral($person, $kind)) {
            return;
        }
        DB::transaction(function () use ($person, $kind): void {
            $address = $this->make($person, $kind);
            $organisation = Organisation::query()->sole()->name;
            ReaderLanguage::of($person, static fn () => Mail::to($person->email)->send(new PasswordLinkMail($person->name, $organisation, $kind, $address, self::MINUTES)));
        });
    }

    /** The address of a new link; within a transaction. */
    public function make(Person $person, PasswordLinkKind $kind): string
    {
        $now = $this->today->instant();
        $token = rtrim(strtr(base64_encode(random_bytes(self::TOKEN_BYTES)), '+/', '-_'), '=');
        PasswordLink::query()->where('person_id', $person->id)->whereNull('used_at')->update(['used_at' => self::told($now)]);
        PasswordLink::query()->create([
            'person_id' => $person->id,
            'kind' => $kind,
            'token_hash' => PasswordLink::hash($token),
            'sent_at' => self::told($now),
            'expires_at' => self::told($now->modify('+'.self::MINUTES.' minutes')),
        ]);
        $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Access, $person->code, 'send password link', null, null, ['for' => $kind->value], $person->id)]);

        return route('password', ['token' => $token]);
    }

    private function hadSeveral(Person $person, PasswordLinkKind $kind): bool
    {
        return $kind === PasswordLinkKind::Forgotten && PasswordLink::query()->where('person_id', $person->id)->where('kind', $kind)
            ->where('sent_at', '>', self::told($this->today->instant()->modify('-1 hour')))->count() >= self::MOST_IN_AN_HOUR;
    }

    private static function told(DateTimeImmutable $instant): string
    {
        return $instant->format('Y-m-d\TH:i:s\Z');
    }
}
