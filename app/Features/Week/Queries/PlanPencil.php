<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Features\Calendar\Queries\WorkingTime;
use App\Features\Projects\Queries\Efforts;
use App\Features\Projects\Queries\Plans;
use App\Models\Person;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Effort\Holding;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Planning\Holder;
use Moss\Core\Sheet\Pencil;
use Moss\Core\Sheet\PlannedLine;
use Moss\Core\Sheet\Proposal;
use Moss\Core\Sheet\TaskEntry;
use Moss\Core\Time\Minutes;

/** What the plan pencils in for a person's week. */
final class PlanPencil
{
    /** @return list<Proposal> days in order, within a day by end, project, task and role */
    public function of(Person $person, Week $week): array
    {
        $lines = [];
        foreach ((new Efforts(new Plans(WorkingTime::load())))->ofProjects($this->projects($person, $week)) as $effort) {
            array_push($lines, ...$this->lines($person, $week, $effort));
        }

        return (new Pencil(OwedDays::of($person, $week->days())->hours(), $lines, $this->entries($person, $week)))->over($week->days());
    }

    /** @return list<int> ids of open projects with assignments of the person in the week */
    private function projects(Person $person, Week $week): array
    {
        $query = DB::table('assignments')
            ->join('tasks', 'tasks.id', 'assignments.task_id')
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->where('assignments.person_id', $person->id)
            ->where('projects.state', 'open')
            ->where('assignments.starts_on', '<=', $week->sunday()->toString())
            ->where('assignments.ends_on', '>=', $week->monday()->toString())
            ->select('projects.id')->distinct();

        return array_map(static fn (Record $record): int => $record->int('id'), Record::all($query));
    }

    /** @return list<PlannedLine> */
    private function lines(Person $person, Week $week, TaskEffort $effort): array
    {
        $holding = $this->holding($person, $effort);
        if ($holding === null || $holding->isDone() || $effort->isDone()) {
            return [];
        }
        $lines = [];
        foreach ($holding->assignments as $assignment) {
            if ($assignment->days->intersectedWith($week->days()) !== null) {
                $lines[] = new PlannedLine($effort->task->project, $effort->task->code, $assignment, $holding->remaining());
            }
        }

        return $lines;
    }

    private function holding(Person $person, TaskEffort $effort): ?Holding
    {
        $key = Holder::person($person->code)->key();
        foreach ($effort->holdings as $holding) {
            if ($holding->holder->key() === $key) {
                return $holding;
            }
        }

        return null;
    }

    /** @return list<TaskEntry> */
    private function entries(Person $person, Week $week): array
    {
        $query = DB::table('entries')
            ->join('tasks', 'tasks.id', 'entries.task_id')
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->where('entries.person_id', $person->id)
            ->whereBetween('entries.date', [$week->monday()->toString(), $week->sunday()->toString()])
            ->select('projects.code AS project', 'tasks.code AS task', 'roles.code AS role', 'entries.date', 'entries.minutes');

        return array_map(static fn (Record $record): TaskEntry => new TaskEntry(
            $record->string('project'),
            $record->string('task'),
            $record->stringOrNull('role'),
            Day::of($record->string('date')),
            Minutes::of($record->int('minutes')),
        ), Record::all($query));
    }
}
