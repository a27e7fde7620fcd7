<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Models\LineChargeCode;
use App\Models\Person;
use App\Sheet\LineKey;

/** The charge codes that somebody chose for their lines. */
final class ChosenChargeCodes
{
    /**
     * @param  list<int>  $tasks
     * @return array<string, string> by line
     */
    public static function of(Person $owner, array $tasks): array
    {
        $chosen = [];
        foreach ($tasks === [] ? [] : LineChargeCode::query()->where('person_id', $owner->id)->whereIntegerInRaw('task_id', $tasks)->get() as $line) {
            $chosen[LineKey::of($line->task_id, $line->role_id)] = $line->charge_code;
        }

        return $chosen;
    }
}
