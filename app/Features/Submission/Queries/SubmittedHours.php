<?php

declare(strict_types=1);

namespace App\Features\Submission\Queries;

use App\Features\Submission\Actions\SubmittedWeek;
use App\Models\Entry;
use App\Models\Person;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\EntryState;

/** What of a week has been submitted and is not decided yet. */
final readonly class SubmittedHours
{
    /** Whether taking the week back would undo just what was submitted now: nothing of it is approved, and nothing else is waiting. */
    public function canBeTakenBack(Person $owner, Week $week, SubmittedWeek $now): bool
    {
        if ($now->submitted->isZero() || ! $now->approved->isZero()) {
            return false;
        }
        $waiting = Entry::query()->where('person_id', $owner->id)->inWeek($week)
            ->where('state', EntryState::Submitted)->where('approvals', 0)->toBase()->sum('minutes');

        return (int) $waiting === $now->submitted->toInt();
    }
}
