<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Features\HouseRules\Queries\RulesInForce;
use App\Models\Assignment;
use App\Models\ChargeCodePart;
use App\Models\Organisation;
use App\Models\OwnField;
use App\Models\Person;
use App\Models\Project;
use App\Models\ProjectState;
use App\Models\Task;
use App\Models\Team;
use App\Pay\KindsOfPay;
use App\Support\Database\Record;
use App\Support\Database\Rows;
use App\Support\Database\Sql;
use App\Support\Language\Wording;
use Illuminate\Database\Query\Builder;
use Moss\Core\Calendar\Day;
use Moss\Core\HouseRules\HouseRules;
use Moss\Core\HouseRules\RuleCode;
use Moss\Core\HouseRules\Severity;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\Sheet\Line;

/** Which tasks a person may record on: their own, their team's, and internal ones; open, and not done. */
final class RecordableTasks
{
    private ?HouseRules $rules = null;

    /**
     * Any tasks, with all that says whether they can be recorded on.
     *
     * @param  list<int>  $ids
     * @return array<int, RecordableTask> by id
     */
    public function byId(Person $owner, array $ids): array
    {
        $tasks = [];
        foreach (Rows::of(RecordableTask::class, $this->tasks($owner)->whereIntegerInRaw('tasks.id', $ids)) as $task) {
            $tasks[$task->id] = $task;
        }

        return $tasks;
    }

    /** @return list<RecordableTask> those open to the person that are not done on a day; assigned ones also if planned for later */
    public function openOn(Person $owner, Day $day): array
    {
        return $this->mustBeAssigned($owner, $day) ? $this->ownOn($owner, $day) : Rows::of(RecordableTask::class, $this->open($owner, $day));
    }

    /** @return list<RecordableTask> of those, the ones that are assigned to the person or their team, or internal */
    public function ownOn(Person $owner, Day $day): array
    {
        return Rows::of(RecordableTask::class, $this->open($owner, $day)->whereIn('tasks.id', self::assignedOrInternal($owner)));
    }

    private function open(Person $owner, Day $day): Builder
    {
        return $this->tasks($owner)->where('projects.state', 'open')
            ->where(static fn (Builder $open): Builder => $open->whereNull('tasks.done_on')->orWhere('tasks.done_on', '>=', $day->toString()));
    }

    /** Found by whose they are, so that it does not matter how many others there are. */
    private static function assignedOrInternal(Person $owner): Builder
    {
        return Assignment::query()->toBase()->where(AssignmentsOf::person($owner))->select('task_id')
            ->union(Project::query()->toBase()->where('internal', Sql::value(1))->join('tasks', 'tasks.project_id', 'projects.id')->select('tasks.id'));
    }

    /**
     * @param  bool  $isNew  whether nothing is recorded there yet
     * @return string|null why nothing can be recorded on the task on the day; null where it can
     */
    public function refusal(Person $owner, ?RecordableTask $task, Day $day, bool $isNew = true): ?string
    {
        if ($task === null) {
            return Wording::refusal('cell.no_task');
        }
        $names = ['task' => $task->name, 'project' => $task->projectName, 'manager' => $task->manager];

        return match (true) {
            $isNew && $task->closedUntil !== null && ! $day->isAfter($task->closedUntil) => Wording::refusal('cell.period_closed', ['day' => $task->closedUntil->toString()]),
            $task->assigned === null && ! $task->internal && $this->blocks(RuleCode::NotAssigned->value, $task, $day) => Wording::refusal('cell.not_assigned', $names),
            $task->projectState === ProjectState::Closed && $this->blocks(RuleCode::TaskClosed->value, $task, $day) => Wording::refusal('cell.closed', $names),
            $task->doneOn !== null && $day->isAfter($task->doneOn) && $this->blocks(RuleCode::TaskClosed->value, $task, $day) => Wording::refusal('cell.done', ['day' => $task->doneOn->toString()] + $names),
            ! $owner->employment()->includes($day) => Wording::refusal('cell.not_employed'),
            default => null,
        };
    }

    /** What would block the week anyway is refused as it is typed. */
    private function blocks(string $rule, RecordableTask $task, Day $day): bool
    {
        $this->rules ??= RulesInForce::load();

        return $this->rules->severity($rule, $day, $task->ownerTeam, new Line($task->project, $task->code, null)) === Severity::Blocking;
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
            ->leftJoin('clients', 'clients.id', 'projects.client_id')
            ->select('tasks.id', 'tasks.code', 'tasks.name', 'tasks.charge_code', 'tasks.done_on', 'projects.code AS project', 'projects.name AS project_name')
            ->addSelect('projects.state AS project_state', 'projects.internal', 'people.name AS manager', 'projects.client_id', 'clients.code AS client', 'clients.name AS client_name')
            ->selectSub(ChargeCodePart::query()->toBase()->whereColumn('charge_code_parts.client_id', 'projects.client_id')->select(Sql::exists()), 'composes_charge_codes')
            ->selectSub(OwnField::query()->toBase()->where('subject', FieldSubject::Entry)->select(Sql::exists()), 'has_own_fields')
            ->selectSub(KindsOfPay::exist(), 'has_kinds_of_pay')
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
