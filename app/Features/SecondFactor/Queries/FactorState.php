<?php

declare(strict_types=1);

namespace App\Features\SecondFactor\Queries;

use App\Features\SecondFactor\Props\FactorProps;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\RecoveryCode;
use App\Models\SecondFactor;

/** Whether a person has a second factor, and what is left of their recovery codes. */
final class FactorState
{
    public static function isOn(Person $person): bool
    {
        return SecondFactor::query()->whereKey($person->id)->whereNotNull('confirmed_at')->exists();
    }

    public function of(Person $person): FactorProps
    {
        $since = SecondFactor::query()->whereKey($person->id)->first(['confirmed_at'])?->confirmed_at;

        return new FactorProps(
            $since,
            $since === null ? 0 : RecoveryCode::query()->where('person_id', $person->id)->whereNull('used_at')->count(),
            in_array($person->access->value, Organisation::query()->sole()->factor_access, true),
        );
    }
}
