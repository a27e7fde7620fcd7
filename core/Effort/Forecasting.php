<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Money\Cost;
use Moss\Core\Money\Money;
use Moss\Core\Money\Pricing;
use Moss\Core\Planning\Assignment;
use Moss\Core\Planning\Capacities;
use Moss\Core\Time\Minutes;

/**
 * Works out the figures at completion of tasks and their assignees on a day.
 */
final readonly class Forecasting
{
    private Pricing $valuePricing;

    public function __construct(private Pricing $pricing, private Day $today, private Capacities $capacities)
    {
        $this->valuePricing = $pricing->hasRates() ? $pricing : Pricing::inHours();
    }

    public function ofTask(TaskEffort $effort): Figures
    {
        return self::sum($effort, $this->ofAssignees($effort));
    }

    /**
     * The figures of a task whose assignees' are known.
     *
     * @param  list<AssigneeFigures>  $parts  all of them
     */
    public static function sum(TaskEffort $effort, array $parts): Figures
    {
        $sum = Figures::zero();
        foreach ($parts as $part) {
            $sum = $sum->plus($part->figures);
        }

        return $sum->against($effort->task->planned(), $effort->task->budget)->withSpent($effort->spent);
    }

    /**
     * One for each assignee in the order of codes, last the unassigned hours where any are planned or entered.
     *
     * @return list<AssigneeFigures>
     */
    public function ofAssignees(TaskEffort $effort): array
    {
        [$isDone, $wasDone] = [$effort->isDone(), $effort->wasDoneOn($this->today)];
        $parts = [];
        foreach ($effort->assigneeEfforts as $assigneeEffort) {
            $parts[] = new AssigneeFigures($assigneeEffort->assignee, $this->ofAssignee($assigneeEffort, $isDone ? Minutes::zero() : $assigneeEffort->remaining(), $wasDone));
        }
        if (! $effort->task->unassigned()->isZero() || $effort->unassignedEntries !== []) {
            $parts[] = new AssigneeFigures(null, $this->ofUnassigned($effort));
        }

        return $parts;
    }

    private function ofAssignee(AssigneeEffort $assigneeEffort, Minutes $remaining, bool $wasDone): Figures
    {
        $recorded = RecordedSums::of($assigneeEffort->entries, $this->today);
        $last = $assigneeEffort->lastAssignment();
        $remainingCost = $this->pricing->cost(
            $this->personOf($last),
            $last->role,
            Day::later($this->today, $assigneeEffort->firstPlannedDay()),
            $remaining,
        );
        $values = $this->plannedCosts($assigneeEffort, $this->valuePricing);
        $costs = $this->pricing === $this->valuePricing ? $values : $this->plannedCosts($assigneeEffort, $this->pricing);

        return new Figures(
            $assigneeEffort->planned(),
            $recorded->actual,
            $recorded->pending,
            $remaining,
            array_reduce($costs, static fn (Cost $sum, Cost $cost): Cost => $sum->plus($cost), Cost::nothing()),
            $recorded->actualCost,
            $recorded->cost,
            $recorded->cost->plus($remainingCost),
            null,
            $this->earnedValue($assigneeEffort, $values, $recorded, $wasDone),
        );
    }

    private function ofUnassigned(TaskEffort $effort): Figures
    {
        $recorded = RecordedSums::of($effort->unassignedEntries, $this->today);
        [$planned, $remaining] = [$effort->task->unassigned(), $effort->remainingUnassigned()];

        return new Figures(
            $planned,
            $recorded->actual,
            $recorded->pending,
            $remaining,
            Cost::unknown($planned),
            $recorded->actualCost,
            $recorded->cost,
            $recorded->cost->plus(Cost::unknown($remaining)),
            null,
            new EarnedValue(Money::zero(), Money::zero(), $recorded->valueToDate),
        );
    }

    /** @param  list<Cost>  $values  of the assignments as they are planned, in their order */
    private function earnedValue(AssigneeEffort $assigneeEffort, array $values, RecordedSums $recorded, bool $taskWasDone): EarnedValue
    {
        $then = $assigneeEffort->asOf($this->today);
        $planned = array_reduce($values, static fn (Money $sum, Cost $value): Money => $sum->plus($value->known), Money::zero());
        $entered = $recorded->minutesToDate;
        $whole = $entered->plus($then->remaining());

        return new EarnedValue(
            $this->plannedValue($assigneeEffort, $values),
            $taskWasDone || $then->isDone() ? $planned : $planned->share($entered->toInt(), $whole->toInt()),
            $recorded->valueToDate,
        );
    }

    /** @param  list<Cost>  $values */
    private function plannedValue(AssigneeEffort $assigneeEffort, array $values): Money
    {
        $sum = Money::zero();
        foreach ($assigneeEffort->assignments as $index => $assignment) {
            $days = $assignment->days->upTo($this->today);
            if ($days !== null) {
                // Once all days are past, all that was planned is.
                $phased = $assignment->days->last()->isAfter($this->today) ? $assignment->spread($this->capacities->for($assignment->assignee))->within($days) : $assignment->planned;
                $sum = $sum->plus($values[$index]->known->share($phased->toInt(), $assignment->planned->toInt()));
            }
        }

        return $sum;
    }

    /** @return list<Cost> of the assignments, in their order */
    private function plannedCosts(AssigneeEffort $assigneeEffort, Pricing $pricing): array
    {
        return array_map(fn (Assignment $assignment): Cost => $this->plannedCostOf($assignment, $pricing), $assigneeEffort->assignments);
    }

    private function plannedCostOf(Assignment $assignment, Pricing $pricing): Cost
    {
        return $pricing->cost($this->personOf($assignment), $assignment->role, $assignment->days->first(), $assignment->planned);
    }

    private function personOf(Assignment $assignment): ?string
    {
        return $assignment->assignee->isTeam ? null : $assignment->assignee->code;
    }
}
