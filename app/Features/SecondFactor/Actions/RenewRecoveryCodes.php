<?php

declare(strict_types=1);

namespace App\Features\SecondFactor\Actions;

use App\AuditTrail\AuditTrail;
use App\AuditTrail\AuditTrailLine;
use App\AuditTrail\AuditTrailSubject;
use App\Models\Person;
use App\Models\RecoveryCode;
use App\Support\Secrets\Base32;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

/** Gives a person ten new recovery codes; those before are worthless. */
final readonly class RenewRecoveryCodes
{
    private const COUNT = 10;

    /** 64 bits; 60 are used, as 12 characters of which the first two find the row. */
    private const BYTES = 8;

    private const CHARACTERS = 12;

    /** Random as they are, codes need less work than passwords to be safe. */
    private const HASHING = ['memory' => 19456, 'time' => 2];

    public function __construct(private AuditTrail $auditTrail)
    {
    }

    /** @return list<string> shown this once, as `ABCD-EFGH-2345` */
    public function handle(Person $person): array
    {
        return DB::transaction(function () use ($person): array {
            $this->auditTrail->of([AuditTrailLine::on(AuditTrailSubject::Access, $person->code, 'renew recovery codes', $person, null, null, $person->id)]);

            return $this->replace($person);
        });
    }

    /** @return list<string> */
    public function replace(Person $person): array
    {
        $codes = [];
        while (count($codes) < self::COUNT) {
            $code = substr(Base32::encode(random_bytes(self::BYTES)), 0, self::CHARACTERS);
            $codes[substr($code, 0, 2)] = $code;
        }
        RecoveryCode::query()->where('person_id', $person->id)->delete();
        RecoveryCode::query()->insert(array_map(static fn (string $code): array => [
            'person_id' => $person->id, 'selector' => substr($code, 0, 2), 'code_hash' => Hash::make($code, self::HASHING),
        ], array_values($codes)));

        return array_map(static fn (string $code): string => implode('-', str_split($code, 4)), array_values($codes));
    }
}
