<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Features\HouseRules\Queries\RulesInForce;
use App\Models\Assignment;
use App\Models\Organisation;
use App\Models\Person;
use App\Models\Task;
use App\Models\Team;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use App\Support\Language\Wording;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;
use Moss\Core\HouseRules\HouseRules;
use Moss\Core\HouseRules\RuleCode;
use Moss\Core\HouseRules\Severity;
use Moss\Core\Sheet\Line;

/** Which tasks a person may record on: their own, their team's, and internal ones; open, and not done. */
final class RecordableTasks
{
    private ?HouseRules $rules = null;

    /**
     * Any tasks, with all that says whether they can be recorded on.
     *
     * @param  list<int>  $ids
     * @return array<int, Record> by id
     */
    public function byId(Person $owner, array $ids): array
    {
        $tasks = [];
        foreach (Record::all($this->tasks($owner)->whereIntegerInRaw('tasks.id', $ids)) as $record) {
            $tasks[$record->int('id')] = $record;
        }

        return $tasks;
    }

    /** @return list<Record> those open to the person that are not done on a day; assigned ones also if planned for later */
    public function openOn(Person $owner, Day $day): array
    {
        return Record::all($this->tasks($owner)
            ->where('projects.state', 'open')
            ->where(static fn (Builder $open): Builder => $open->whereNull('tasks.done_on')->orWhere('tasks.done_on', '>=', $day->toString()))
            ->when($this->mustBeAssigned($owner, $day), fn (Builder $mine): Builder => $mine
                ->where(fn (Builder $who): Builder => $who->where('projects.internal', 1)->orWhereExists($this->assignments($owner)))));
    }

    /**
     * @param  bool  $isNew  whether nothing is recorded there yet
     * @return string|null why nothing can be recorded on the task on the day; null where it can
     */
    public function refusal(Person $owner, ?Record $task, Day $day, bool $isNew = true): ?string
    {
        if ($task === null) {
            return Wording::refusal('cell.no_task');
        }
        $closedUntil = $task->stringOrNull('closed_until');
        $names = ['task' => $task->string('name'), 'project' => $task->string('project_name'), 'manager' => $task->string('manager')];
        $doneOn = $task->stringOrNull('done_on');

        return match (true) {
            $isNew && $closedUntil !== null && $day->toString() <= $closedUntil => Wording::refusal('cell.period_closed', ['day' => $closedUntil]),
            $task->stringOrNull('assigned') === null && ! $task->bool('internal') && $this->blocks(RuleCode::NotAssigned->value, $task, $day) => Wording::refusal('cell.not_assigned', $names),
            $task->string('project_state') === 'closed' && $this->blocks(RuleCode::TaskClosed->value, $task, $day) => Wording::refusal('cell.closed', $names),
            $doneOn !== null && $day->isAfter(Day::of($doneOn)) && $this->blocks(RuleCode::TaskClosed->value, $task, $day) => Wording::refusal('cell.done', ['day' => $doneOn] + $names),
            ! $owner->employment()->includes($day) => Wording::refusal('cell.not_employed'),
            default => null,
        };
    }

    /** What would block the week anyway is refused as it is typed. */
    private function blocks(string $rule, Record $task, Day $day): bool
    {
        $this->rules ??= RulesInForce::load();

        return $this->rules->severity($rule, $day, $task->stringOrNull('owner_team'), new Line($task->string('project'), $task->string('code'), null)) === Severity::Blocking;
    }

    /** Whether time on tasks of others is blocked anyway, on whatever project. */
    private function mustBeAssigned(Person $owner, Day $day): bool
    {
        $this->rules ??= RulesInForce::load();
        $team = $owner->team_id === null ? null : Team::query()->toBase()->where('id', $owner->team_id)->value('code');

        return $this->rules->severity(RuleCode::NotAssigned->value, $day, is_string($team) ? $team : null, null) === Severity::Blocking;
    }

    private function tasks(Person $owner): Builder
    {
        $first = $this->assignments($owner)->selectRaw("min(CASE WHEN assignments.person_id IS NULL THEN 'team' ELSE 'own' END)");

        return Task::query()->toBase()
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->join('people', 'people.id', 'projects.manager_id')
            ->select('tasks.id', 'tasks.code', 'tasks.name', 'tasks.charge_code', 'tasks.done_on', 'projects.code AS project', 'projects.name AS project_name')
            ->addSelect('projects.state AS project_state', 'projects.internal', 'people.name AS manager')
            ->addSelect(Sql::first(['tasks.billable', 'projects.billable'], 'billable'))->selectSub(Organisation::query()->toBase()->select('closed_until'), 'closed_until')
            ->selectSub(Team::query()->toBase()->select('code')->where('id', $owner->team_id), 'owner_team')
            // Whose it is, the person's own before their team's; and when the first of those assignments starts.
            ->selectSub($first, 'assigned')
            ->selectSub($this->assignments($owner)->addSelect(Sql::min('assignments.starts_on')), 'assigned_from');
    }

    private function assignments(Person $owner): Builder
    {
        return Assignment::query()->toBase()->whereColumn('assignments.task_id', 'tasks.id')
            ->where(AssignmentsOf::person($owner));
    }
}
