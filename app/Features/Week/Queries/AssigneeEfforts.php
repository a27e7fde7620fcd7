<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Models\Person;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Effort\AssigneeEffort;
use Moss\Core\Effort\RecordedEffort;
use Moss\Core\Effort\RemainingEstimate;
use Moss\Core\Planning\Assignee;
use Moss\Core\Planning\Assignment;
use Moss\Core\Time\Minutes;

/**
 * What a person holds on some tasks: their own assignment, else their team's. In two queries, reading only what falls on it.
 */
final readonly class AssigneeEfforts
{
    /**
     * @param  list<Record>  $assignments  all of the person and of their team on the tasks
     * @param  Capacity  $ownCapacity  of the person's days
     * @param  Capacity  $teamCapacity  of the organisation's days
     * @return array<int, AssigneeEffort> by task id
     */
    public function of(Person $owner, array $assignments, Capacity $ownCapacity, Capacity $teamCapacity): array
    {
        $plans = ['own' => [], 'team' => []];
        foreach ($assignments as $record) {
            $isOwn = $record->intOrNull('person_id') !== null;
            $plans[$isOwn ? 'own' : 'team'][$record->int('task_id')][] = self::assignment(
                $record,
                $isOwn ? Assignee::person($owner->code) : Assignee::team($record->string('team')),
                $isOwn ? $ownCapacity : $teamCapacity,
            );
        }
        $plans['team'] = array_diff_key($plans['team'], $plans['own']);
        $own = array_keys($plans['own']);
        $team = array_keys($plans['team']);
        $entries = $this->entries($owner, $own, $team);
        $estimates = $this->estimates($owner, $own, $team);
        $assigneeEfforts = [];
        foreach ($plans['own'] + $plans['team'] as $task => $planned) {
            $assigneeEfforts[$task] = new AssigneeEffort($planned[0]->assignee, $planned, $entries[$task] ?? [], $estimates[$task] ?? []);
        }

        return $assigneeEfforts;
    }

    private static function assignment(Record $record, Assignee $assignee, Capacity $capacity): Assignment
    {
        return new Assignment(
            $assignee,
            $record->stringOrNull('role'),
            Minutes::of($record->int('planned_minutes')),
            DayRange::between(Day::of($record->string('starts_on')), Day::of($record->string('ends_on'))),
            $capacity,
        );
    }

    /**
     * @param  list<int>  $own
     * @param  list<int>  $team
     * @return array<int, list<RecordedEffort>> by task, one for each day with the day's sum
     */
    private function entries(Person $owner, array $own, array $team): array
    {
        $byTask = [];
        $query = self::falling('entries', $owner, $own, $team)->groupBy('entries.task_id', 'entries.date')
            ->select('entries.task_id', 'entries.date')->selectRaw('sum(entries.minutes) AS minutes');
        foreach (Record::all($query) as $record) {
            $byTask[$record->int('task_id')][] = RecordedEffort::unpriced($owner->code, null, Day::of($record->string('date')), Minutes::of($record->int('minutes')));
        }

        return $byTask;
    }

    /**
     * @param  list<int>  $own
     * @param  list<int>  $team
     * @return array<int, list<RemainingEstimate>> by task, in the order in which they were made
     */
    private function estimates(Person $owner, array $own, array $team): array
    {
        $byTask = [];
        $query = self::falling('remaining_estimates', $owner, $own, $team)->orderBy('remaining_estimates.id')
            ->select('remaining_estimates.task_id', 'remaining_estimates.estimated_on', 'remaining_estimates.remaining_minutes', 'remaining_estimates.done');
        foreach (Record::all($query) as $record) {
            $byTask[$record->int('task_id')][] = new RemainingEstimate(
                $owner->code, null, Day::of($record->string('estimated_on')), Minutes::of($record->int('remaining_minutes')), $record->bool('done'),
            );
        }

        return $byTask;
    }

    /**
     * What falls on the holdings: the person's on their own; on the team's, that of its people who have none of their own.
     *
     * @param  list<int>  $own
     * @param  list<int>  $team
     */
    private static function falling(string $table, Person $owner, array $own, array $team): Builder
    {
        $ownHolding = DB::table('assignments')->selectRaw('1')
            ->whereColumn('assignments.task_id', $table.'.task_id')->whereColumn('assignments.person_id', $table.'.person_id');

        return DB::table($table)->where(static fn (Builder $either): Builder => $either
            ->where(static fn (Builder $mine): Builder => $mine->whereIntegerInRaw($table.'.task_id', $own)->where($table.'.person_id', $owner->id))
            ->orWhere(static fn (Builder $ours): Builder => $ours->whereIntegerInRaw($table.'.task_id', $team)
                ->whereIn($table.'.person_id', DB::table('people')->select('id')->where('team_id', $owner->team_id))
                ->whereNotExists($ownHolding)));
    }
}
