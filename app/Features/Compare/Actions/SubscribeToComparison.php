<?php

declare(strict_types=1);

namespace App\Features\Compare\Actions;

use App\Models\ComparisonMailing;
use App\Models\Person;
use App\Models\SavedComparison;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\PeriodUnit;

/** Has a saved comparison mailed to its reader every week or month, from the next such day on; or no more. */
final class SubscribeToComparison
{
    public function handle(Person $reader, SavedComparison $saved, PeriodUnit $rhythm, int $day, Day $today): void
    {
        DB::transaction(static fn () => ComparisonMailing::query()->upsert(
            [['saved_comparison_id' => $saved->id, 'person_id' => $reader->id, 'rhythm' => $rhythm->value, 'day' => $day, 'sent_on' => $today->toString()]],
            ['saved_comparison_id', 'person_id'], ['rhythm', 'day', 'sent_on'],
        ));
    }

    public function end(Person $reader, SavedComparison $saved): void
    {
        DB::transaction(static fn () => ComparisonMailing::query()->where('saved_comparison_id', $saved->id)->where('person_id', $reader->id)->delete());
    }
}
