<?php

declare(strict_types=1);

namespace App\Features\Plan\Queries;

use App\Models\Assignment;
use Illuminate\Support\Facades\DB;

/** Whether an assignment is the only one for recorded time or an estimate, so that it cannot be removed. */
final readonly class AssignmentInUse
{
    /** @param  int|null  $person  as the assignment has it in the database, or had before it was changed */
    public static function by(Assignment $assignment, ?int $person, ?int $team): bool
    {
        $hasOthers = Assignment::query()->where('task_id', $assignment->task_id)->where('person_id', $person)->where('team_id', $team)->whereKeyNot($assignment->id)->exists();
        if ($hasOthers) {
            return false;
        }
        foreach (['entries', 'remaining_estimates', 'proposed_estimates'] as $table) {
            $query = DB::table($table)->join('people', 'people.id', $table.'.person_id')->where($table.'.task_id', $assignment->task_id)
                ->where($person === null ? 'people.team_id' : 'people.id', $person ?? $team);
            if ($table === 'proposed_estimates') {
                $query->where('proposed_estimates.state', 'waiting');
            }
            if ($query->exists()) {
                return true;
            }
        }

        return false;
    }
}
