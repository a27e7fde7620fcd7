<?php

declare(strict_types=1);

namespace Moss\Core\Planning;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Money\Money;
use Moss\Core\Time\Minutes;

/**
 * A task with its plan: own planned minutes or, where it has none, those of its assignments.
 */
final readonly class PlannedTask
{
    /**
     * @param  DayRange|null  $days  the task's dates, else the project's; null where neither is known
     * @param  list<Assignment>  $assignments
     */
    public function __construct(
        public string $project,
        public ?string $phase,
        public string $code,
        public ?Minutes $ownPlanned,
        public ?Money $budget,
        public ?DayRange $days,
        public ?Day $doneOn,
        public array $assignments,
    ) {
    }

    /** The same before it was declared done. */
    public function notDone(): self
    {
        return new self($this->project, $this->phase, $this->code, $this->ownPlanned, $this->budget, $this->days, null, $this->assignments);
    }

    public function assigned(): Minutes
    {
        return Minutes::sum(array_map(static fn (Assignment $assignment): Minutes => $assignment->planned, $this->assignments));
    }

    public function planned(): Minutes
    {
        return $this->ownPlanned ?? $this->assigned();
    }

    /** Planned minutes that no assignment covers; never below 0. */
    public function unassigned(): Minutes
    {
        return $this->planned()->minus($this->assigned())->notBelowZero();
    }

    /** By how much the assignments exceed the task's own planned minutes; never below 0. */
    public function overAssigned(): Minutes
    {
        return $this->assigned()->minus($this->planned())->notBelowZero();
    }

    /**
     * The assignee for whom a person's entries and remaining estimates count: their own, else their team's, else none.
     */
    public function assigneeFor(string $person, ?string $team): ?Assignee
    {
        $assignees = $this->assignmentsByAssignee();
        foreach ([Assignee::person($person), $team === null ? null : Assignee::team($team)] as $assignee) {
            if ($assignee !== null && isset($assignees[$assignee->key()])) {
                return $assignee;
            }
        }

        return null;
    }

    /** @return array<string, non-empty-list<Assignment>> by the assignee's key, in the order of keys */
    public function assignmentsByAssignee(): array
    {
        $byAssignee = [];
        foreach ($this->assignments as $assignment) {
            $byAssignee[$assignment->assignee->key()][] = $assignment;
        }
        ksort($byAssignee, SORT_STRING);

        return $byAssignee;
    }
}
