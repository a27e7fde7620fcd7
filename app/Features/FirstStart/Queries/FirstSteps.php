<?php

declare(strict_types=1);

namespace App\Features\FirstStart\Queries;

use App\Features\FirstStart\Props\FirstStepProps;
use App\Models\Assignment;
use App\Models\AuditTrailRow;
use App\Models\Client;
use App\Models\Entry;
use App\Models\Person;
use App\Models\Rate;

/** Which steps of the first start are done, until the first hours are recorded. */
final class FirstSteps
{
    /** @return list<FirstStepProps> empty once time is recorded */
    public function list(): array
    {
        return Entry::query()->exists() ? [] : array_map(static fn (FirstStep $step): FirstStepProps => new FirstStepProps($step, self::isDone($step)), FirstStep::cases());
    }

    private static function isDone(FirstStep $step): bool
    {
        return match ($step) {
            FirstStep::Organisation => true,
            FirstStep::People => Person::query()->count() > 1,
            FirstStep::Clients => Client::query()->exists(),
            FirstStep::Project => Assignment::query()->exists(),
            FirstStep::Rules => AuditTrailRow::query()->where('subject', 'rule')->exists(),
            FirstStep::Rates => Rate::query()->exists(),
            FirstStep::Week => false,
        };
    }
}
