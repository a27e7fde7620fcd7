<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Features\Calendar\Queries\WorkingTime;
use App\Features\Projects\Queries\ProjectPlans;
use App\Features\Projects\Queries\RatesInForce;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\Comparison;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\PlannedTime;
use Moss\Core\Compare\RecordedTime;
use Moss\Core\Compare\Selection;
use Moss\Core\Compare\WorkItem;
use Moss\Core\Planning\Assignment;
use Moss\Core\Planning\PlannedTask;
use Moss\Core\Planning\Spread;
use Moss\Core\Sheet\EntryState;
use Moss\Core\Time\Minutes;

/** Planned against actual in a period, in a fixed number of queries. */
final class ComparisonReport
{
    /** @var array<string, string|null> client code by project code */
    private array $clients = [];

    /** @var array<string, string|null> team code by person code */
    private array $teams = [];

    /** @var array<string, string|null> usual role code by person code */
    private array $roles = [];

    public function __construct(private readonly ProjectSums $sums)
    {
    }

    public function comparison(Grouping $grouping, Selection $selection, DayRange $period, Day $today, bool $withPending): Comparison
    {
        $this->clients = self::pairs(DB::table('projects')->leftJoin('clients', 'clients.id', 'projects.client_id')->select('projects.code', 'clients.code AS other'));
        if (in_array($grouping, [Grouping::Project, Grouping::Client], true) && $selection->persons === [] && $selection->teams === []) {
            return $this->ofProjects($grouping, $selection, $period, $today, $withPending);
        }
        $this->teams = self::pairs(DB::table('people')->leftJoin('teams', 'teams.id', 'people.team_id')->select('people.code', 'teams.code AS other'));
        $this->roles = RatesInForce::usualRoles();

        return Comparison::of($grouping, $selection, $period, $today, $withPending, $this->planned($selection, $period), $this->recorded($grouping, $period));
    }

    /** What is grouped and chosen by projects alone is read from what is stored of them. */
    private function ofProjects(Grouping $grouping, Selection $selection, DayRange $period, Day $today, bool $withPending): Comparison
    {
        $sums = $this->sums->of($period, $today, $withPending);
        $rows = [];
        foreach (Record::all(DB::table('projects')->whereIntegerInRaw('id', array_keys($sums))->select('id', 'code')) as $project) {
            $subject = new WorkItem($project->string('code'), $this->clients[$project->string('code')] ?? null, null, '', null, null, null);
            if ($selection->takes($subject)) {
                $group = $grouping->groupOf($subject, $today);
                $rows[$group] = ($rows[$group] ?? ComparisonRow::empty())->plus($sums[$project->int('id')]);
            }
        }

        return Comparison::ofGroups($rows);
    }

    /** @return iterable<PlannedTime> */
    private function planned(Selection $selection, DayRange $period): iterable
    {
        $projects = DB::table('projects')
            ->when($selection->projects !== [], static fn (Builder $query) => $query->whereIn('code', $selection->projects))
            ->pluck('code', 'id')->all();
        $working = WorkingTime::load();
        $plans = new ProjectPlans($working);
        foreach (array_chunk(array_keys($projects), 500) as $chunk) {
            foreach ($plans->ofProjects(array_map(intval(...), $chunk)) as $task) {
                yield from $this->plannedOn($task, $period, $working->ofOrganisation());
            }
        }
    }

    /** @return iterable<PlannedTime> */
    private function plannedOn(PlannedTask $task, DayRange $period, Capacity $organisation): iterable
    {
        foreach ($task->assignments as $assignment) {
            if ($assignment->days->intersectedWith($period) !== null) {
                yield new PlannedTime($this->subjectOf($task, $assignment), $assignment->spread());
            }
        }
        $unassigned = $task->unassigned();
        if (! $unassigned->isZero() && $task->days?->intersectedWith($period) !== null) {
            yield new PlannedTime(
                $this->subject($task->project, $task->phase, $task->code, null, null, null),
                Spread::over($unassigned, $task->days, $organisation),
            );
        }
    }

    /** @return iterable<RecordedTime> */
    private function recorded(Grouping $grouping, DayRange $period): iterable
    {
        // Only a grouping by days needs to know which day it was.
        $day = $grouping->isByDay() ? 'entries.date' : 'min(entries.date)';
        $query = DB::table('entries')
            ->join('tasks', 'tasks.id', 'entries.task_id')
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->leftJoin('phases', 'phases.id', 'tasks.phase_id')
            ->join('people', 'people.id', 'entries.person_id')
            ->leftJoin('roles', 'roles.id', 'entries.role_id')
            ->whereBetween('entries.date', [$period->first()->toString(), $period->last()->toString()])
            ->select('projects.code AS project', 'phases.name AS phase', 'tasks.code AS task', 'people.code AS person', 'roles.code AS role', 'entries.state')
            ->selectRaw($day.' AS date, sum(entries.minutes) AS minutes')
            ->groupBy('entries.task_id', 'entries.person_id', 'entries.role_id', 'entries.state')
            ->when($grouping->isByDay(), static fn (Builder $query) => $query->groupBy('entries.date'));
        foreach (Record::each($query) as $record) {
            $person = $record->string('person');
            yield new RecordedTime(
                $this->subject($record->string('project'), $record->stringOrNull('phase'), $record->string('task'), $person, $this->teams[$person] ?? null, $record->stringOrNull('role')),
                Day::of($record->string('date')),
                Minutes::of($record->int('minutes')),
                EntryState::from($record->string('state'))->isActual(),
            );
        }
    }

    private function subjectOf(PlannedTask $task, Assignment $assignment): WorkItem
    {
        $code = $assignment->assignee->code;

        return $assignment->assignee->isTeam
            ? $this->subject($task->project, $task->phase, $task->code, null, $code, $assignment->role)
            : $this->subject($task->project, $task->phase, $task->code, $code, $this->teams[$code] ?? null, $assignment->role);
    }

    private function subject(string $project, ?string $phase, string $task, ?string $person, ?string $team, ?string $role): WorkItem
    {
        $usual = $person === null ? null : $this->roles[$person] ?? null;

        return new WorkItem($project, $this->clients[$project] ?? null, $phase, $task, $person, $team, $role ?? $usual);
    }

    /** @return array<string, string|null> */
    private static function pairs(Builder $query): array
    {
        $pairs = [];
        foreach (Record::all($query) as $record) {
            $pairs[$record->string('code')] = $record->stringOrNull('other');
        }

        return $pairs;
    }
}
