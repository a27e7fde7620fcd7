<?php

declare(strict_types=1);

namespace App\Features\Projects\Queries;

use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\Restatement;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Sheet\Entry;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/**
 * Tasks of projects with everything recorded on them, in two queries beside those of the plan.
 */
final class Efforts
{
    /** @var array<string, Day> days by text, since many entries share them */
    private array $days = [];

    public function __construct(private readonly Plans $plans)
    {
    }

    /**
     * @param  list<int>  $projects  ids
     * @return array<int, TaskEffort> by task id, in the order of project, phase and task
     */
    public function ofProjects(array $projects): array
    {
        $entries = $this->entries($projects);
        $restatements = $this->restatements($projects);
        $efforts = [];
        foreach ($this->plans->ofProjects($projects) as $id => $task) {
            $efforts[$id] = TaskEffort::of($task, $entries[$id] ?? [], $restatements[$id] ?? []);
        }

        return $efforts;
    }

    /**
     * @param  list<int>  $projects
     * @return array<int, list<Entry>> by task id
     */
    private function entries(array $projects): array
    {
        $query = DB::table('tasks')
            ->join('entries', 'entries.task_id', 'tasks.id')
            ->join('people', 'people.id', 'entries.person_id')
            ->leftJoin('teams', 'teams.id', 'people.team_id')
            ->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->whereIn('tasks.project_id', $projects)
            ->select('entries.task_id', 'people.code AS person', 'teams.code AS team', 'roles.code AS role', 'entries.date', 'entries.minutes', 'entries.state');
        $byTask = [];
        foreach (Record::each($query) as $record) {
            $byTask[$record->int('task_id')][] = new Entry(
                $record->string('person'),
                $record->stringOrNull('team'),
                $record->stringOrNull('role'),
                $this->day($record->string('date')),
                Minutes::of($record->int('minutes')),
                EntryState::from($record->string('state')),
            );
        }

        return $byTask;
    }

    /**
     * @param  list<int>  $projects
     * @return array<int, list<Restatement>> by task id
     */
    private function restatements(array $projects): array
    {
        $query = DB::table('tasks')
            ->join('restatements', 'restatements.task_id', 'tasks.id')
            ->join('people', 'people.id', 'restatements.person_id')
            ->leftJoin('teams', 'teams.id', 'people.team_id')
            ->whereIn('tasks.project_id', $projects)
            ->select('restatements.task_id', 'people.code AS person', 'teams.code AS team', 'restatements.stated_on', 'restatements.remaining_minutes', 'restatements.done')
            ->orderBy('restatements.id');
        $byTask = [];
        foreach (Record::all($query) as $record) {
            $byTask[$record->int('task_id')][] = new Restatement(
                $record->string('person'),
                $record->stringOrNull('team'),
                $this->day($record->string('stated_on')),
                Minutes::of($record->int('remaining_minutes')),
                $record->bool('done'),
            );
        }

        return $byTask;
    }

    private function day(string $text): Day
    {
        return $this->days[$text] ??= Day::of($text);
    }
}
