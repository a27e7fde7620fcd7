<?php

declare(strict_types=1);

namespace App\Features\SecondFactor\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\MessageKind;
use App\Models\Person;
use App\Models\SecondFactor;
use App\Notices\Notice;
use App\Notices\NotifyPeople;
use App\Support\Clock\Today;
use App\Support\Secrets\Base32;
use Illuminate\Support\Facades\DB;

/** Gives a person a secret for their app, which counts once a code of it has been entered. */
final readonly class SetUpFactor
{
    /** As long as the hash that codes are made with, as RFC 4226 recommends. */
    private const SECRET_BYTES = 20;

    public function __construct(private CheckFactor $check, private RenewRecoveryCodes $codes, private Today $today, private AuditTrail $auditTrail, private NotifyPeople $notify)
    {
    }

    /** The secret that waits to be confirmed, in base 32; the same until then. Null once there is a confirmed one. */
    public function begin(Person $person): ?string
    {
        return DB::transaction(static function () use ($person): ?string {
            $factor = SecondFactor::query()->find($person->id) ?? SecondFactor::query()->create(['person_id' => $person->id, 'secret' => Base32::encode(random_bytes(self::SECRET_BYTES))]);

            return $factor->confirmed_at === null ? $factor->secret : null;
        });
    }

    /**
     * From now on the person enters a code when they sign in.
     *
     * @return list<string> the recovery codes, which are shown this once
     *
     * @throws FactorRefused
     */
    public function confirm(Person $person, string $code): array
    {
        if (! SecondFactor::query()->whereKey($person->id)->whereNull('confirmed_at')->exists()) {
            throw FactorRefused::wrong();
        }
        $this->check->handle($person, $code);

        return DB::transaction(function () use ($person): array {
            SecondFactor::query()->whereKey($person->id)->update(['confirmed_at' => $this->today->now()->format('Y-m-d\TH:i:s\Z')]);
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Access, $person->code, 'set up second factor', $person, null, null, $person->id)]);
            $this->notify->of([new Notice($person->id, MessageKind::SignInChanged, 'sign-in '.bin2hex(random_bytes(8)), ['what' => 'factor on'], '/account')]);

            return $this->codes->replace($person);
        });
    }
}
