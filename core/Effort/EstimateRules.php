<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Planning\Assignee;
use Moss\Core\Time\Minutes;

/**
 * Checks a new remaining estimate of a task, or that it may be marked as done.
 */
final readonly class EstimateRules
{
    /** @param  Minutes  $tolerance  by how much an estimate may differ from the calculated remaining minutes without a reason */
    public function __construct(private TaskEffort $effort, private Minutes $tolerance)
    {
    }

    /**
     * An estimate of the minutes that remain beyond everything entered, including future days. It is stored as of the end of
     * the day, when what is entered on later days was still to do.
     *
     * @throws EstimateRefused
     */
    public function estimate(string $person, ?string $team, Day $on, Minutes $remaining, string $reason): RemainingEstimate
    {
        $assigneeEffort = $this->assigneeEffort($person, $team);
        $before = $assigneeEffort->isDone() ? Minutes::zero() : $assigneeEffort->remaining();
        $departs = abs($remaining->minus($before)->toInt());
        if ($departs > $this->tolerance->toInt() && trim($reason) === '') {
            throw EstimateRefused::because(EstimateFault::NoReason);
        }

        return new RemainingEstimate($person, $team, $on, $remaining->plus($assigneeEffort->enteredAfter($on)), false);
    }

    /**
     * Marks the task as done for the person, or for their team if that is the assignee.
     *
     * @throws EstimateRefused
     */
    public function done(string $person, ?string $team, Day $on): RemainingEstimate
    {
        $this->assigneeEffort($person, $team);

        return new RemainingEstimate($person, $team, $on, Minutes::zero(), true);
    }

    /**
     * Checks that the task may be marked as done for everyone: by an assignee while no other has minutes remaining; by the project
     * manager also then, having confirmed that these are dropped.
     *
     * @param  Assignee|null  $assignee  who marks it; null for a project manager who is not an assignee
     *
     * @throws EstimateRefused
     */
    public function checkDone(?Assignee $assignee, bool $isManager, bool $isConfirmed): void
    {
        $others = $this->othersRemaining($assignee);
        if ($others !== [] && ! $isManager) {
            throw EstimateRefused::overOthers(EstimateFault::OthersHaveHours, $others);
        }
        if ($others !== [] && ! $isConfirmed) {
            throw EstimateRefused::overOthers(EstimateFault::NotConfirmed, $others);
        }
    }

    /**
     * Other assignees with minutes remaining; one without an assignee stands for unassigned hours.
     *
     * @return list<AssigneeRemaining>
     */
    public function othersRemaining(?Assignee $assignee): array
    {
        $parts = array_map(fn (AssigneeEffort $one): AssigneeRemaining => new AssigneeRemaining($one->assignee, $this->effort->remainingOf($one)), $this->effort->assigneeEfforts);
        $parts[] = new AssigneeRemaining(null, $this->effort->remainingUnassigned());

        return array_values(array_filter($parts, static fn (AssigneeRemaining $part): bool => ! $part->remaining->isZero()
            && ($assignee === null || $part->assignee === null || $part->assignee->key() !== $assignee->key())));
    }

    /** @throws EstimateRefused */
    private function assigneeEffort(string $person, ?string $team): AssigneeEffort
    {
        if ($this->effort->task->doneOn !== null) {
            throw EstimateRefused::because(EstimateFault::TaskDone);
        }

        return $this->effort->effortOf($person, $team) ?? throw EstimateRefused::because(EstimateFault::NotAssigned);
    }
}
