<?php

declare(strict_types=1);

namespace App\Features\Submission\Queries;

use App\Features\Submission\Actions\SubmittedTime;
use App\Models\Entry;
use App\Models\Person;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Sheet\EntryState;

/** What of some days has been submitted and is not decided yet. */
final readonly class SubmittedHours
{
    /** Whether taking the days back would undo just what was submitted now: nothing of it is approved, and nothing else is waiting. */
    public function canBeTakenBack(Person $owner, DayRange $days, SubmittedTime $now): bool
    {
        if ($now->submitted->isZero() || ! $now->approved->isZero()) {
            return false;
        }
        $waiting = Entry::query()->where('person_id', $owner->id)->during($days)
            ->where('state', EntryState::Submitted)->where('approvals', 0)->toBase()->sum('minutes');

        return (int) $waiting === $now->submitted->toInt();
    }
}
