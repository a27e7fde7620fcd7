<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Models\Person;
use Moss\Core\Compare\Measure;

/** Measures that a reader may ask for. */
final class OfferedMeasures
{
    /**
     * @param  Person|null  $reader  null for whoever operates the application, who may ask for all
     * @return list<Measure>
     */
    public static function to(?Person $reader): array
    {
        if ($reader === null) {
            return Measure::cases();
        }

        // A viewer sees no weeks, and so neither what days ask of people nor what they are paid as.
        return array_values(array_filter(Measure::cases(), static fn (Measure $measure): bool => (! $measure->isMoney() || $reader->seesCostOfProjectsOf($reader->id))
            && (! ($measure->isOfAttendance() || $measure->payKind() !== null) || ! $reader->isViewer())));
    }
}
