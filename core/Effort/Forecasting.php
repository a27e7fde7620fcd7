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

        return $sum->against($effort->task->planned(), $effort->task->budget);
    }

    /**
     * One for each assignee in the order of codes, last the unassigned hours where any are planned or entered.
     *
     * @return list<AssigneeFigures>
     */
    public function ofAssignees(TaskEffort $effort): array
    {
        $wasDone = $effort->wasDoneOn($this->today);
        $parts = [];
        foreach ($effort->assigneeEfforts as $assigneeEffort) {
            $parts[] = new AssigneeFigures($assigneeEffort->assignee, $this->ofHolding($assigneeEffort, $effort->remainingOf($assigneeEffort), $wasDone));
        }
        if (! $effort->task->unassigned()->isZero() || $effort->unheld !== []) {
            $parts[] = new AssigneeFigures(null, $this->ofUnassigned($effort));
        }

        return $parts;
    }

    private function ofHolding(AssigneeEffort $assigneeEffort, Minutes $remaining, bool $wasDone): Figures
    {
        $entered = self::costOf($assigneeEffort->entries);
        $last = $assigneeEffort->lastAssignment();
        $remainingCost = $this->pricing->cost(
            $this->personOf($last),
            $last->role,
            Day::later($this->today, $assigneeEffort->firstPlannedDay()),
            $remaining,
        );

        return new Figures(
            $assigneeEffort->planned(),
            self::minutesOf(self::actual($assigneeEffort->entries)),
            self::minutesOf(self::pending($assigneeEffort->entries)),
            $remaining,
            $this->plannedCost($assigneeEffort, $this->pricing),
            self::costOf(self::actual($assigneeEffort->entries)),
            $entered,
            $entered->plus($remainingCost),
            null,
            $this->earnedValue($assigneeEffort, $wasDone),
        );
    }

    private function ofUnassigned(TaskEffort $effort): Figures
    {
        [$planned, $entries, $remaining] = [$effort->task->unassigned(), $effort->unheld, $effort->remainingUnassigned()];
        $entered = self::costOf($entries);
        $spent = self::valueOf(self::datedUpTo($this->today, $entries));

        return new Figures(
            $planned,
            self::minutesOf(self::actual($entries)),
            self::minutesOf(self::pending($entries)),
            $remaining,
            Cost::unknown($planned),
            self::costOf(self::actual($entries)),
            $entered,
            $entered->plus(Cost::unknown($remaining)),
            null,
            new EarnedValue(Money::zero(), Money::zero(), $spent),
        );
    }

    private function earnedValue(AssigneeEffort $assigneeEffort, bool $taskWasDone): EarnedValue
    {
        $then = $assigneeEffort->asOf($this->today);
        $plannedCost = $this->plannedCost($assigneeEffort, $this->valuePricing)->known;
        $entered = $then->entered();
        $whole = $entered->plus($then->remaining());
        $earned = $taskWasDone || $then->isDone() ? $plannedCost : $plannedCost->share($entered->toInt(), $whole->toInt());

        return new EarnedValue(
            $this->plannedValue($assigneeEffort),
            $earned,
            self::valueOf($then->entries),
        );
    }

    private function plannedValue(AssigneeEffort $assigneeEffort): Money
    {
        $sum = Money::zero();
        foreach ($assigneeEffort->assignments as $assignment) {
            $days = $assignment->days->upTo($this->today);
            if ($days !== null) {
                $cost = $this->plannedCostOf($assignment, $this->valuePricing)->known;
                // Once all days are past, all that was planned is.
                $phased = $assignment->days->last()->isAfter($this->today) ? $assignment->spread($this->capacities->for($assignment->assignee))->within($days) : $assignment->planned;
                $sum = $sum->plus($cost->share($phased->toInt(), $assignment->planned->toInt()));
            }
        }

        return $sum;
    }

    private function plannedCost(AssigneeEffort $assigneeEffort, Pricing $pricing): Cost
    {
        $sum = Cost::nothing();
        foreach ($assigneeEffort->assignments as $assignment) {
            $sum = $sum->plus($this->plannedCostOf($assignment, $pricing));
        }

        return $sum;
    }

    private function plannedCostOf(Assignment $assignment, Pricing $pricing): Cost
    {
        return $pricing->cost($this->personOf($assignment), $assignment->role, $assignment->days->first(), $assignment->planned);
    }

    private function personOf(Assignment $assignment): ?string
    {
        return $assignment->assignee->isTeam ? null : $assignment->assignee->code;
    }

    /** @param  list<RecordedEffort>  $entries */
    private static function costOf(array $entries): Cost
    {
        return array_reduce($entries, static fn (Cost $sum, RecordedEffort $entry): Cost => $sum->plus($entry->cost), Cost::nothing());
    }

    /** @param  list<RecordedEffort>  $entries */
    private static function valueOf(array $entries): Money
    {
        return array_reduce($entries, static fn (Money $sum, RecordedEffort $entry): Money => $sum->plus($entry->value), Money::zero());
    }

    /**
     * @param  list<RecordedEffort>  $entries
     * @return list<RecordedEffort>
     */
    private static function actual(array $entries): array
    {
        return array_values(array_filter($entries, static fn (RecordedEffort $entry): bool => $entry->isActual));
    }

    /**
     * @param  list<RecordedEffort>  $entries
     * @return list<RecordedEffort>
     */
    private static function pending(array $entries): array
    {
        return array_values(array_filter($entries, static fn (RecordedEffort $entry): bool => ! $entry->isActual));
    }

    /**
     * @param  list<RecordedEffort>  $entries
     * @return list<RecordedEffort>
     */
    private static function datedUpTo(Day $day, array $entries): array
    {
        return array_values(array_filter($entries, static fn (RecordedEffort $entry): bool => ! $entry->day->isAfter($day)));
    }

    /** @param  list<RecordedEffort>  $entries */
    private static function minutesOf(array $entries): Minutes
    {
        return Minutes::sum(array_map(static fn (RecordedEffort $entry): Minutes => $entry->minutes, $entries));
    }
}
