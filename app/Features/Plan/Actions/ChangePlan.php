<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\Effort\Recalculation\UpdateTotals;
use App\Features\Plan\Queries\AssignmentInUse;
use App\Models\Assignment;
use App\Models\Person;
use App\Models\Phase;
use App\Models\Project;
use App\Models\Task;
use App\Models\Team;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use DomainException;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/** Changes rows of a plan: all that was asked for, or nothing. */
final class ChangePlan
{
    /** @var array<string, string> */
    private array $faults = [];

    public function __construct(private readonly PlanAuditTrail $auditTrail, private readonly UpdateTotals $totals, private readonly AssignedNotices $notices, private readonly Today $today, private readonly PlanFields $fields)
    {
    }

    /**
     * @param  list<PlanChange>  $changes
     *
     * @throws PlanRefused
     */
    public function handle(Person $actor, Project $project, array $changes): void
    {
        $this->faults = [];
        DB::transaction(function () use ($actor, $project, $changes): void {
            $tasks = $project->tasks()->with('phase')->get()->keyBy('id');
            $ids = array_merge(...array_map(static fn (PlanChange $change): array => $change->assignments, $changes));
            $assignments = Assignment::query()->whereIntegerInRaw('id', $ids)->whereIntegerInRaw('task_id', $tasks->modelKeys())->get()->keyBy('id');
            $names = PlanNames::read(self::texts($changes, 'assignee'), self::texts($changes, 'role'));
            $assigned = [];
            foreach ($changes as $change) {
                if ($change->task !== null) {
                    $this->changeTask($actor, $project, $tasks, $change);
                } else {
                    $this->changeAssignments($actor, $project, $tasks, $assignments, $change, $names, $assigned);
                }
            }
            if ($this->faults !== []) {
                throw PlanRefused::with($this->faults);
            }
            $this->fields->save($actor, $project);
            $this->totals->handle($this->auditTrail->write());
            $this->notices->of($assigned);
        });
    }

    /** @param  Collection<int, Task>  $tasks */
    private function changeTask(Person $actor, Project $project, Collection $tasks, PlanChange $change): void
    {
        $task = $tasks->get($change->task ?? 0) ?? throw PlanRefused::because('gone');
        $before = PlanAuditTrail::told($task) + ['phase' => $task->phase?->name, 'code' => $task->code];
        $phase = $before['phase'];
        foreach ($change->fields as $field => $text) {
            $this->read($change, $field, static function () use ($task, $tasks, $project, $field, $text, &$phase): void {
                match ($field) {
                    'name' => $task->name = PlanText::name($text, 'name'),
                    'code' => $task->code = self::freeCode($text, $task, $tasks),
                    'planned' => $task->planned_minutes = PlanText::minutes($text),
                    'budget' => $task->budget_cents = PlanText::money($text),
                    'startsOn' => $task->starts_on = PlanText::day($text, 'startsOn'),
                    'endsOn' => $task->ends_on = PlanText::day($text, 'endsOn'),
                    'chargeCode' => $task->charge_code = PlanChargeCode::of($project, $task->code, trim($text), false),
                    'phase' => $phase = trim($text) === '' ? null : PlanText::name($text, 'phase'),
                    default => null,
                };
                if ($field === 'phase') {
                    $task->phase_id = $phase === null ? null : Phase::query()->firstOrCreate(['project_id' => $project->id, 'name' => $phase])->id;
                }
            });
        }
        $this->fields->add($task, 't'.$task->id, $change->fields);
        $this->checkOrder($change, $task->starts_on, $task->ends_on);
        if ($this->faults === []) {
            $task->save();
            $this->auditTrail->task($actor, $project, $task, 'change', $before, PlanAuditTrail::told($task) + ['phase' => $phase, 'code' => $task->code]);
        }
    }

    /**
     * @param  Collection<int, Task>  $tasks
     * @param  Collection<int, Assignment>  $assignments
     * @param  array<int, array<int, true>>  $assigned  who is to be told, with which tasks
     */
    private function changeAssignments(Person $actor, Project $project, Collection $tasks, Collection $assignments, PlanChange $change, PlanNames $names, array &$assigned): void
    {
        foreach ($change->assignments as $id) {
            $assignment = $assignments->get($id) ?? throw PlanRefused::because('gone');
            $task = $tasks->get($assignment->task_id) ?? throw PlanRefused::because('gone');
            $before = PlanAuditTrail::told($assignment);
            [$person, $team] = [$assignment->person_id, $assignment->team_id];
            foreach ($change->fields as $field => $text) {
                $this->read($change, $field, static function () use ($assignment, $names, $field, $text): void {
                    match ($field) {
                        'assignee' => $assignment->fill($names->assignee($text)),
                        'role' => $assignment->role_id = $names->role($text),
                        'planned' => $assignment->planned_minutes = PlanText::minutes($text) ?? Minutes::zero(),
                        'startsOn' => $assignment->starts_on = PlanText::day($text, 'startsOn') ?? throw new DomainException(Wording::refusal('plan_row.startsOn_missing')),
                        'endsOn' => $assignment->ends_on = PlanText::day($text, 'endsOn') ?? throw new DomainException(Wording::refusal('plan_row.endsOn_missing')),
                        default => null,
                    };
                });
            }
            $this->checkOrder($change, $assignment->starts_on, $assignment->ends_on);
            $this->checkAssignee($change, $assignment, $task, $person, $team);
            if ($this->faults === [] && ! $this->isTwice($change, $assignment, isset($change->fields['assignee']) ? 'assignee' : (array_key_first($change->fields) ?? 'assignee'))) {
                $assignment->save();
                $this->auditTrail->assignment($actor, $project, $task, $assignment, 'change', $before, PlanAuditTrail::told($assignment));
                if ($assignment->person_id !== null && $assignment->person_id !== $person && $assignment->person_id !== $actor->id && ! $assignment->ends_on->isBefore($this->today->for($actor))) {
                    $assigned[$assignment->person_id][$task->id] = true;
                }
            }
        }
    }

    /** Time and estimates belong to their assignee, so a row that has any cannot be reassigned. */
    private function checkAssignee(PlanChange $change, Assignment $assignment, Task $task, ?int $person, ?int $team): void
    {
        if (($assignment->person_id !== $person || $assignment->team_id !== $team) && AssignmentInUse::by($assignment, $person, $team)) {
            $name = $person === null ? Team::query()->findOrFail($team)->name : Person::query()->findOrFail($person)->name;
            $this->faults[$change->place('assignee')] = Wording::refusal('plan_row.assignee_recorded', ['name' => $name, 'task' => $task->name]);
        }
    }

    private function isTwice(PlanChange $change, Assignment $assignment, string $field): bool
    {
        $isTwice = $assignment->hasTwin();
        if ($isTwice) {
            $this->faults[$change->place($field)] = Wording::refusal('plan_row.twice');
        }

        return $isTwice;
    }

    private function checkOrder(PlanChange $change, ?Day $first, ?Day $last): void
    {
        $fault = PlanText::faultOfDays($first, $last);
        if ($fault !== null) {
            $this->faults[$change->place(isset($change->fields['endsOn']) ? 'endsOn' : 'startsOn')] = $fault;
        }
    }

    /** @param  callable(): void  $read */
    private function read(PlanChange $change, string $field, callable $read): void
    {
        try {
            $read();
        } catch (DomainException $refused) {
            $this->faults[$change->place($field)] = $refused->getMessage();
        }
    }

    /**
     * @param  Collection<int, Task>  $tasks
     *
     * @throws DomainException
     */
    private static function freeCode(string $text, Task $task, Collection $tasks): string
    {
        $code = PlanText::code($text);
        if ($tasks->contains(static fn (Task $other): bool => $other->id !== $task->id && $other->code === $code)) {
            throw new DomainException(Wording::refusal('plan_row.code_taken', ['code' => $code]));
        }

        return $code;
    }

    /**
     * @param  list<PlanChange>  $changes
     * @return list<string>
     */
    private static function texts(array $changes, string $field): array
    {
        return array_values(array_filter(array_map(static fn (PlanChange $change): ?string => $change->fields[$field] ?? null, $changes), is_string(...)));
    }
}
