<?php

declare(strict_types=1);

namespace App\Features\Week\Actions;

use App\Models\Person;
use App\Support\Database\Record;
use App\Support\Words;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/** Whether a person may record time on a task on a day, in one query. */
final class RecordableTask
{
    /**
     * The task must be the person's or their team's, or of an internal project; open, and not done before the day.
     *
     * @throws CellRefused
     */
    public function check(Person $owner, int $task, Day $day): void
    {
        $assigned = DB::table('assignments')->selectRaw('1')->whereColumn('assignments.task_id', 'tasks.id')
            ->where(static fn (Builder $holder) => $holder->where('assignments.person_id', $owner->id)
                ->when($owner->team_id !== null, static fn (Builder $team) => $team->orWhere('assignments.team_id', $owner->team_id)));
        $found = Record::all(DB::table('tasks')
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->join('people', 'people.id', 'projects.manager_id')
            ->where('tasks.id', $task)
            ->select('tasks.name', 'tasks.done_on', 'projects.name AS project', 'projects.state', 'projects.internal', 'people.name AS manager')
            ->selectRaw('EXISTS ('.$assigned->toRawSql().') AS assigned'))[0] ?? null;
        if ($found === null) {
            throw CellRefused::because(Words::refusal('cell.no_task'));
        }
        $names = ['task' => $found->string('name'), 'project' => $found->string('project'), 'manager' => $found->string('manager')];
        $doneOn = $found->stringOrNull('done_on');
        $refusal = match (true) {
            ! $found->bool('assigned') && ! $found->bool('internal') => Words::refusal('cell.not_assigned', $names),
            $found->string('state') === 'closed' => Words::refusal('cell.closed', $names),
            $doneOn !== null && $day->isAfter(Day::of($doneOn)) => Words::refusal('cell.done', ['day' => $doneOn] + $names),
            ! $owner->employment()->includes($day) => Words::refusal('cell.not_employed'),
            default => null,
        };
        if ($refusal !== null) {
            throw CellRefused::because($refusal);
        }
    }
}
