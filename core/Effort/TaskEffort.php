<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Planning\PlannedTask;
use Moss\Core\Time\Minutes;

/**
 * A task with everything recorded on it: entries and remaining estimates attributed to its assignees.
 */
final readonly class TaskEffort
{
    /**
     * @param  list<AssigneeEffort>  $assigneeEfforts  in the order of assignee codes
     * @param  SpentMoney  $spent  on the task as a whole, and on none of its assignees
     * @param  list<RecordedEffort>  $unassignedEntries  entries of people who are not assigned; they draw on the unassigned hours
     */
    private function __construct(public PlannedTask $task, public array $assigneeEfforts, public array $unassignedEntries, public SpentMoney $spent)
    {
    }

    /**
     * @param  iterable<RecordedEffort>  $entries
     * @param  iterable<RemainingEstimate>  $estimates  in force, in the order in which they were made
     */
    public static function of(PlannedTask $task, iterable $entries, iterable $estimates, ?SpentMoney $spent = null): self
    {
        $assignees = [];
        $entriesOf = [];
        $unassignedEntries = [];
        foreach ($entries as $entry) {
            // Many entries are of the same few people.
            $who = $entry->person."\x00".$entry->team;
            $assignee = $assignees[$who] ??= $task->assigneeFor($entry->person, $entry->team) ?? false;
            if ($assignee === false) {
                $unassignedEntries[] = $entry;
            } else {
                $entriesOf[$assignee->key()][] = $entry;
            }
        }
        $remainingEstimatesOf = [];
        foreach ($estimates as $estimate) {
            $assignee = $task->assigneeFor($estimate->person, $estimate->team);
            if ($assignee !== null) {
                $remainingEstimatesOf[$assignee->key()][] = $estimate;
            }
        }
        $assigneeEfforts = [];
        foreach ($task->assignmentsByAssignee() as $key => $assignments) {
            $assigneeEfforts[] = new AssigneeEffort($assignments[0]->assignee, $assignments, $entriesOf[$key] ?? [], $remainingEstimatesOf[$key] ?? []);
        }

        return new self($task, $assigneeEfforts, $unassignedEntries, $spent ?? SpentMoney::nothing());
    }

    /** The effort that a person's time and estimates on the task count for: their own assignment, else their team's. */
    public function effortOf(string $person, ?string $team): ?AssigneeEffort
    {
        $assignee = $this->task->assigneeFor($person, $team);
        foreach ($this->assigneeEfforts as $assigneeEffort) {
            if ($assignee !== null && $assigneeEffort->assignee->key() === $assignee->key()) {
                return $assigneeEffort;
            }
        }

        return null;
    }

    /** What remains for one of its assignees; nothing once the task is done. */
    public function remainingOf(AssigneeEffort $assigneeEffort): Minutes
    {
        return $this->isDone() ? Minutes::zero() : $assigneeEffort->remaining();
    }

    /** What remains of the unassigned hours; nothing once the task is done, and never below 0. */
    public function remainingUnassigned(): Minutes
    {
        return $this->isDone() ? Minutes::zero() : $this->task->unassigned()->minus(self::minutesOf($this->unassignedEntries))->notBelowZero();
    }

    public function remaining(): Minutes
    {
        return $this->isDone()
            ? Minutes::zero()
            : Minutes::sum(array_map(static fn (AssigneeEffort $assigneeEffort): Minutes => $assigneeEffort->remaining(), $this->assigneeEfforts))->plus($this->remainingUnassigned());
    }

    /** Everything entered, whoever it falls on. */
    public function entered(): Minutes
    {
        return Minutes::sum(array_map(static fn (AssigneeEffort $assigneeEffort): Minutes => $assigneeEffort->entered(), $this->assigneeEfforts))->plus(self::minutesOf($this->unassignedEntries));
    }

    /** What is entered and what remains. */
    public function forecast(): Minutes
    {
        return $this->entered()->plus($this->remaining());
    }

    /** As it stood at the end of the day: entries, remaining estimates and completion up to it, the plan as it is. */
    public function asOf(Day $day): self
    {
        $doneOn = $this->task->doneOn;

        return new self(
            $doneOn !== null && $doneOn->isAfter($day) ? $this->task->notDone() : $this->task,
            array_map(static fn (AssigneeEffort $assigneeEffort): AssigneeEffort => $assigneeEffort->asOf($day), $this->assigneeEfforts),
            array_values(array_filter($this->unassignedEntries, static fn (RecordedEffort $entry): bool => ! $entry->day->isAfter($day))),
            $this->spent,
        );
    }

    /** With one more estimate, which is now the latest. */
    public function with(RemainingEstimate $estimate): self
    {
        $assignee = $this->task->assigneeFor($estimate->person, $estimate->team)?->key();

        return new self($this->task, array_map(static fn (AssigneeEffort $assigneeEffort): AssigneeEffort => $assigneeEffort->assignee->key() === $assignee
            ? new AssigneeEffort($assigneeEffort->assignee, $assigneeEffort->assignments, $assigneeEffort->entries, [...$assigneeEffort->estimates, $estimate])
            : $assigneeEffort, $this->assigneeEfforts), $this->unassignedEntries, $this->spent);
    }

    /** Done when it was declared so, or when every assignee is done. */
    public function isDone(): bool
    {
        if ($this->task->doneOn !== null) {
            return true;
        }
        foreach ($this->assigneeEfforts as $assigneeEffort) {
            if (! $assigneeEffort->isDone()) {
                return false;
            }
        }

        return $this->assigneeEfforts !== [];
    }

    /** Whether the task was done at the end of the day, by what had been said up to then. */
    public function wasDoneOn(Day $day): bool
    {
        $doneOn = $this->task->doneOn;
        if ($doneOn !== null && ! $doneOn->isAfter($day)) {
            return true;
        }
        foreach ($this->assigneeEfforts as $assigneeEffort) {
            if (! $assigneeEffort->asOf($day)->isDone()) {
                return false;
            }
        }

        return $this->assigneeEfforts !== [];
    }

    /** @param  list<RecordedEffort>  $entries */
    private static function minutesOf(array $entries): Minutes
    {
        return Minutes::sum(array_map(static fn (RecordedEffort $entry): Minutes => $entry->minutes, $entries));
    }
}
