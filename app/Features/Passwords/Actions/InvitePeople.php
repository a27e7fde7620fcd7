<?php

declare(strict_types=1);

namespace App\Features\Passwords\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Features\Passwords\Jobs\MailPasswordLink;
use App\Models\PasswordLinkKind;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;

/** Invites people who have no password yet to set one, each by an email of their own; also once more. */
final readonly class InvitePeople
{
    public function __construct(private AuditTrail $auditTrail, private Today $today)
    {
    }

    /**
     * @param  iterable<Person>  $people
     * @param  Person|null  $by  null for an operator at the command line
     * @return int how many were invited; whoever has a password or no access is not
     */
    public function handle(iterable $people, ?Person $by): int
    {
        $invited = [];
        foreach ($people as $person) {
            if ($person->password === null && $person->hasAccess($this->today->for($person))) {
                $invited[] = $person;
            }
        }
        DB::transaction(function () use ($invited, $by): void {
            $this->auditTrail->of(array_map(static fn (Person $person): AuditTrailLine => AuditTrailLine::on(AuditTrailSubject::Access, $person->code, 'invite', $by, null, null, $person->id), $invited));
            foreach ($invited as $person) {
                MailPasswordLink::dispatch($person->email, PasswordLinkKind::Invitation);
            }
        });

        return count($invited);
    }
}
