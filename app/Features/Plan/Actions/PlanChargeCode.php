<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\ChargeCodes\ChargeCodeText;
use App\ChargeCodes\Compositions;
use App\Models\Project;
use App\Support\Language\Wording;
use DomainException;

/** The charge code of a task, as the client wants it where it says so. */
final class PlanChargeCode
{
    /**
     * @param  string  $typed  empty for none; a new task then gets the one that the client's scheme gives, if any
     *
     * @throws DomainException if it is not made up as the client wants it
     */
    public static function of(Project $project, string $task, string $typed, bool $isNew): ?string
    {
        $client = $project->loadMissing('client')->client;
        $scheme = $client?->chargeCodeScheme();
        if ($typed === '') {
            return $isNew ? $scheme?->suggested($project->code, $task) : null;
        }
        $chargeCode = PlanText::name($typed, 'chargeCode');
        $composition = $client === null ? null : Compositions::of([$client->id])->ofClient($client->id);
        if ($composition !== null) {
            return ChargeCodeText::checked($composition, $client->name, $chargeCode);
        }
        if ($scheme !== null && ! $scheme->matches($chargeCode, $project->code, $task)) {
            throw new DomainException(Wording::of('organisation.charge_code', ['client' => $client->name, 'scheme' => $scheme->toString()]));
        }

        return $chargeCode;
    }
}
