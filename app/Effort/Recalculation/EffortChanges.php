<?php

declare(strict_types=1);

namespace App\Effort\Recalculation;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\WeekPart;
use Moss\Core\Sheet\EntryState;

/** What an act changed of what stored totals are made of. An act gathers it and hands it to `UpdateTotals`. */
final class EffortChanges
{
    private const FIRST_DAY = '0001-01-01';

    /** @var array<string, array{int, int, int, string}> task, person, role and first day of the part, by all of them */
    private array $recorded = [];

    /** @var array<int, true> by task */
    private array $plans = [];

    /** @var array<int, true> by task */
    private array $estimates = [];

    /** @var array<int, true> by task */
    private array $billable = [];

    /** @var array<int, true> projects of which tasks are gone */
    private array $projects = [];

    /** @var array<string, RecalculationScope> by what they are about; of several days, from the first */
    private array $scopes = [];

    /** @var array<string, string> first days of parts by day */
    private static array $parts = [];

    /** Time on a task: recorded, changed, cleared, or approved where it was not, or not any more. */
    public function recorded(int $task, int $person, ?int $role, Day|string $date): self
    {
        $date = $date instanceof Day ? $date->toString() : $date;
        $part = self::$parts[$date] ??= WeekPart::containing(Day::of($date))->toString();
        $this->recorded[$task.' '.$person.' '.$role.' '.$part] = [$task, $person, $role ?? 0, $part];

        return $this;
    }

    /** The same once the totals of what was recorded are queued: the figures of its tasks change after them. */
    public function withoutRecorded(): self
    {
        $this->estimatesOf(...array_column($this->recorded, 0));
        $this->recorded = [];

        return $this;
    }

    /** Time that goes from one state to another, where that makes it actual or takes that back. */
    public function moved(int $task, int $person, ?int $role, Day|string $date, EntryState $before, EntryState $after): self
    {
        return $before->isActual() === $after->isActual() ? $this : $this->recorded($task, $person, $role, $date);
    }

    /** Planned hours, budget or dates of tasks, or their assignments. */
    public function plansOf(int ...$tasks): self
    {
        foreach ($tasks as $task) {
            $this->plans[$task] = true;
        }

        return $this;
    }

    /** Whether time on tasks is billable. */
    public function billableOf(int ...$tasks): self
    {
        foreach ($tasks as $task) {
            $this->billable[$task] = true;
        }

        return $this;
    }

    /** Remaining estimates or completion of tasks. */
    public function estimatesOf(int ...$tasks): self
    {
        foreach ($tasks as $task) {
            $this->estimates[$task] = true;
        }

        return $this;
    }

    /** A task that is gone, with all that was stored of it. */
    public function taskRemoved(int $project): self
    {
        $this->projects[$project] = true;

        return $this;
    }

    /** A rate of a person or, where it is nobody's, of a role. */
    public function costOf(?int $person, ?int $role, Day $from): self
    {
        return match (true) {
            $person !== null => $this->widely(RecalculationScope::costOfPerson($person, $from->toString())),
            $role !== null => $this->widely(RecalculationScope::costOfRole($role, $from->toString())),
            default => $this,
        };
    }

    /**
     * Of somebody something else holds now.
     *
     * @param  list<string>  $columns  of `people`, those that changed
     */
    public function ofPerson(int $person, array $columns): self
    {
        if (in_array('team_id', $columns, true)) {
            $this->widely(RecalculationScope::teamOf($person));
        }
        if (in_array('role_id', $columns, true)) {
            $this->widely(RecalculationScope::costOfPerson($person, self::FIRST_DAY));
        }
        if (array_intersect(['pattern', 'calendar_id'], $columns) !== []) {
            $this->widely(RecalculationScope::workingTimeOf($person));
        }

        return $this;
    }

    /** Something that many totals depend on; they are recalculated in the background. */
    public function widely(RecalculationScope $scope): self
    {
        $known = $this->scopes[$scope->key()] ?? $scope;
        $this->scopes[$scope->key()] = $scope->text('from') < $known->text('from') ? $scope : $known;

        return $this;
    }

    /** @return list<array{int, int, int, string}> */
    public function recordedKeys(): array
    {
        return array_values($this->recorded);
    }

    /** @return list<int> */
    public function billableTasks(): array
    {
        return array_keys($this->billable);
    }

    /** @return list<int> */
    public function plannedTasks(): array
    {
        return array_keys($this->plans);
    }

    /** @return list<int> tasks whose figures are others, whatever changed */
    public function tasks(): array
    {
        return array_keys($this->plans + $this->estimates + array_fill_keys(array_column($this->recorded, 0), true));
    }

    /** @return list<int> */
    public function projects(): array
    {
        return array_keys($this->projects);
    }

    /** @return list<RecalculationScope> */
    public function scopes(): array
    {
        return array_values($this->scopes);
    }
}
