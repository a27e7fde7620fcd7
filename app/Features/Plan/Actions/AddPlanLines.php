<?php

declare(strict_types=1);

namespace App\Features\Plan\Actions;

use App\Effort\Recalculation\UpdateTotals;
use App\Models\Assignment;
use App\Models\Person;
use App\Models\Phase;
use App\Models\Project;
use App\Models\Task;
use App\Support\Clock\Today;
use App\Support\Language\Wording;
use DomainException;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Time\Minutes;

/**
 * Adds lines to a plan, typed one by one or pasted from a spreadsheet: all of them, or none.
 *
 * A line that names somebody puts them on its task, with the line's hours and days; one that names nobody plans the task
 * itself. A line without a task belongs to the one above it.
 */
final class AddPlanLines
{
    /** @var array<string, string> */
    private array $faults = [];

    /** @var array<string, Task> by code and by name in small letters */
    private array $tasks = [];

    /** @var array<string, int> ids by name */
    private array $phases = [];

    public function __construct(private readonly PlanAuditTrail $auditTrail, private readonly UpdateTotals $totals, private readonly AssignedNotices $notices, private readonly Today $today, private readonly PlanFields $fields)
    {
    }

    /**
     * @param  list<PlanLine>  $lines
     * @return int how many rows came
     *
     * @throws PlanRefused
     */
    public function handle(Person $actor, Project $project, array $lines): int
    {
        $this->faults = [];
        $this->tasks = [];
        $this->phases = [];

        return DB::transaction(function () use ($actor, $project, $lines): int {
            foreach ($project->tasks()->get() as $task) {
                $this->know($task);
            }
            $text = static fn (string $field): array => array_values(array_filter(array_map(static fn (PlanLine $line): string => $line->text($field), $lines), static fn (string $text): bool => $text !== ''));
            $names = PlanNames::read($text('who'), $text('role'));
            $rows = 0;
            $assigned = [];
            $above = null;
            foreach ($lines as $index => $line) {
                if ($line->isEmpty()) {
                    continue;
                }
                $above = $this->taskOf($actor, $project, $line, $index, $above, $rows);
                if ($above !== null && $line->text('who') !== '') {
                    $this->assign($actor, $project, $above, $line, $index, $names, $assigned);
                    $rows++;
                }
            }
            if ($this->faults !== []) {
                throw PlanRefused::ofLines($this->faults, $lines);
            }
            $this->fields->save($actor, $project);
            $this->totals->handle($this->auditTrail->write());
            $this->notices->of($assigned);

            return $rows;
        });
    }

    private function taskOf(Person $actor, Project $project, PlanLine $line, int $index, ?Task $above, int &$rows): ?Task
    {
        // Tasks may have the same name; a code says which it is.
        $known = $this->tasks[mb_strtolower($line->text('code') === '' ? $line->text('task') : $line->text('code'))] ?? null;
        if ($line->text('task') === '' && $line->text('code') === '') {
            $known = $line->under === null ? $above : $this->byId($line->under);
            if ($known === null) {
                $this->faults[$index.'.task'] = Wording::refusal('plan_row.task_missing');
            }

            return $known;
        }
        if ($known !== null) {
            return $known;
        }
        $rows++;

        return $this->create($actor, $project, $line, $index);
    }

    private function create(Person $actor, Project $project, PlanLine $line, int $index): ?Task
    {
        $isOfTask = $line->text('who') === '';
        $task = new Task(['project_id' => $project->id]);
        $this->read($index, 'task', fn () => $task->name = PlanText::name($line->text('task') === '' ? $line->text('code') : $line->text('task'), 'name'));
        $this->read($index, 'code', fn () => $task->code = $line->text('code') === ''
            ? PlanText::codeFor($line->text('task'), fn (string $code): bool => isset($this->tasks[mb_strtolower($code)]))
            : PlanText::code($line->text('code')));
        $this->read($index, 'planned', static fn () => $task->planned_minutes = $isOfTask ? PlanText::minutes($line->text('planned')) : null);
        $this->read($index, 'budget', static fn () => $task->budget_cents = PlanText::money($line->text('budget')));
        foreach (['startsOn' => 'starts_on', 'endsOn' => 'ends_on'] as $field => $column) {
            $this->read($index, $field, static fn () => $task->setAttribute($column, $isOfTask ? PlanText::day($line->text($field), $field) : null));
        }
        $this->read($index, 'chargeCode', static fn () => $task->charge_code = PlanChargeCode::of($project, $task->code ?? '', $line->text('chargeCode'), true));
        $this->read($index, 'phase', fn () => $task->phase_id = $line->text('phase') === '' ? null
            : $this->phaseOf($project, PlanText::name($line->text('phase'), 'phase')));
        $this->checkDays($index, $task->starts_on, $task->ends_on);
        if ($this->faults !== []) {
            return null;
        }
        $task->save();
        $this->fields->add($task, (string) $index, $line->texts);
        $this->know($task);
        $this->auditTrail->task($actor, $project, $task, 'add', null, PlanAuditTrail::told($task));

        return $task;
    }

    /** @param  array<int, array<int, true>>  $assigned */
    private function assign(Person $actor, Project $project, Task $task, PlanLine $line, int $index, PlanNames $names, array &$assigned): void
    {
        $assignment = new Assignment(['task_id' => $task->id, 'person_id' => null, 'team_id' => null, 'role_id' => null]);
        $this->read($index, 'who', static fn () => $assignment->fill($names->assignee($line->text('who'))));
        $this->read($index, 'role', static fn () => $assignment->role_id = $names->role($line->text('role')));
        $this->read($index, 'planned', static fn () => $assignment->planned_minutes = PlanText::minutes($line->text('planned')) ?? Minutes::zero());
        // Missing dates are those of the task, else of the project, else today.
        $today = $this->today->for($actor);
        $this->read($index, 'startsOn', static fn () => $assignment->starts_on = PlanText::day($line->text('startsOn'), 'startsOn') ?? $task->starts_on ?? $project->starts_on ?? $today);
        $this->read($index, 'endsOn', static fn () => $assignment->ends_on = PlanText::day($line->text('endsOn'), 'endsOn') ?? Day::later($assignment->starts_on ?? $today, $task->ends_on ?? $project->ends_on ?? $today));
        $this->checkDays($index, $assignment->starts_on, $assignment->ends_on);
        if ($this->faults === [] && $assignment->hasTwin()) {
            $this->faults[$index.'.who'] = Wording::refusal('plan_row.twice');
        }
        if ($this->faults !== []) {
            return;
        }
        $assignment->save();
        $this->auditTrail->assignment($actor, $project, $task, $assignment, 'add', null, PlanAuditTrail::told($assignment));
        if ($assignment->person_id !== null && $assignment->person_id !== $actor->id && ! $assignment->ends_on->isBefore($today)) {
            $assigned[$assignment->person_id][$task->id] = true;
        }
    }

    private function checkDays(int $index, ?Day $first, ?Day $last): void
    {
        $fault = $this->faults === [] ? PlanText::faultOfDays($first, $last) : null;
        if ($fault !== null) {
            $this->faults[$index.'.endsOn'] = $fault;
        }
    }

    private function phaseOf(Project $project, string $name): int
    {
        return $this->phases[$name] ??= Phase::query()->firstOrCreate(['project_id' => $project->id, 'name' => $name])->id;
    }

    private function know(Task $task): void
    {
        $this->tasks[mb_strtolower($task->name)] ??= $task;
        $this->tasks[mb_strtolower($task->code)] = $task;
    }

    private function byId(int $id): ?Task
    {
        foreach ($this->tasks as $task) {
            if ($task->id === $id) {
                return $task;
            }
        }

        return null;
    }

    /** @param  callable(): mixed  $read */
    private function read(int $index, string $field, callable $read): void
    {
        try {
            $read();
        } catch (DomainException $refused) {
            $this->faults[$index.'.'.$field] = $refused->getMessage();
        }
    }
}
