<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Support\Language\Wording;
use Moss\Core\Appointments\GuessReason;

/** Says why an appointment is pencilled on its task. */
final class AppointmentReason
{
    /**
     * @param  string  $why  as it is stored
     * @return string|null null where nothing was guessed
     */
    public static function of(string $why): ?string
    {
        $reasons = $why === '' ? null : json_decode($why, true);
        $said = [];
        foreach (is_array($reasons) ? $reasons : [] as $reason => $what) {
            $known = GuessReason::tryFrom((string) $reason);
            if ($known !== null && is_string($what)) {
                $said[] = $known === GuessReason::Habit ? Wording::choice('appointments.why.habit', (int) $what) : Wording::of('appointments.why.'.$known->value, ['what' => $what]);
            }
        }

        return $said === [] ? null : implode('; ', $said);
    }
}
