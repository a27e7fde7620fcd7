<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Planning\Assignee;
use Moss\Core\Time\Minutes;

/**
 * Takes somebody's remaining estimate of a task.
 */
final readonly class EstimateRules
{
    /** @param  Minutes  $tolerance  by how much an estimate may differ from the calculated remaining minutes without a reason */
    public function __construct(private TaskEffort $effort, private Minutes $tolerance)
    {
    }

    /**
     * So much is left beyond all that is entered, also of days to come. The remaining estimate speaks of the end of the day, when
     * what is entered for later days was still left.
     *
     * @throws EstimateRefused
     */
    public function left(string $person, ?string $team, Day $on, Minutes $left, string $reason): RemainingEstimate
    {
        $assigneeEffort = $this->assigneeEffort($person, $team);
        $before = $assigneeEffort->isDone() ? Minutes::zero() : $assigneeEffort->remaining();
        $departs = abs($left->minus($before)->toInt());
        if ($departs > $this->tolerance->toInt() && trim($reason) === '') {
            throw EstimateRefused::because(EstimateFault::NoReason);
        }

        return new RemainingEstimate($person, $team, $on, $left->plus($assigneeEffort->enteredAfter($on)), false);
    }

    /**
     * The person, or the team whose holding it is, has nothing left to do.
     *
     * @throws EstimateRefused
     */
    public function done(string $person, ?string $team, Day $on): RemainingEstimate
    {
        $this->assigneeEffort($person, $team);

        return new RemainingEstimate($person, $team, $on, Minutes::zero(), true);
    }

    /**
     * Whether the task may be declared done for all: by anybody who holds it while nobody else has anything left; by its
     * project manager also then, having said that the rest of the others is given up.
     *
     * @param  Assignee|null  $assignee  who marks it; null for a project manager who is not an assignee
     *
     * @throws EstimateRefused
     */
    public function mayBeDone(?Assignee $assignee, bool $isManager, bool $isConfirmed): void
    {
        $others = $this->othersWithRest($assignee);
        if ($others !== [] && ! $isManager) {
            throw EstimateRefused::overOthers(EstimateFault::OthersHaveHours, $others);
        }
        if ($others !== [] && ! $isConfirmed) {
            throw EstimateRefused::overOthers(EstimateFault::NotConfirmed, $others);
        }
    }

    /**
     * Who else has something left; no assignee stands for unassigned hours.
     *
     * @return list<AssigneeFigures>
     */
    public function othersWithRest(?Assignee $assignee): array
    {
        $parts = Forecasting::ofMinutes()->ofAssignees($this->effort);

        return array_values(array_filter($parts, static fn (AssigneeFigures $part): bool => ! $part->figures->remaining->isZero()
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
