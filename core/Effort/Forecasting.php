<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Money\Cost;
use Moss\Core\Money\Money;
use Moss\Core\Money\Pricing;
use Moss\Core\Planning\Assignment;
use Moss\Core\Sheet\Entry;
use Moss\Core\Time\Minutes;

/**
 * Works out the figures at completion of tasks and their holders on a day.
 */
final readonly class Forecasting
{
    private Pricing $valuePricing;

    public function __construct(private Pricing $pricing, private Day $today)
    {
        $this->valuePricing = $pricing->hasRates() ? $pricing : Pricing::inHours();
    }

    public function ofTask(TaskEffort $effort): Figures
    {
        $sum = Figures::zero();
        foreach ($this->ofHolders($effort) as $part) {
            $sum = $sum->plus($part->figures);
        }

        return $sum->against($effort->task->planned(), $effort->task->budget);
    }

    /**
     * One for each holder in the order of codes, last the unassigned hours where any are planned or entered.
     *
     * @return list<HolderFigures>
     */
    public function ofHolders(TaskEffort $effort): array
    {
        $done = $effort->isDone();
        $wasDone = $effort->wasDoneOn($this->today);
        $parts = [];
        foreach ($effort->holdings as $holding) {
            $parts[] = new HolderFigures($holding->holder, $this->ofHolding($holding, $done, $wasDone));
        }
        if (! $effort->task->unassigned()->isZero() || $effort->unheld !== []) {
            $parts[] = new HolderFigures(null, $this->ofUnassigned($effort->task->unassigned(), $effort->unheld, $done));
        }

        return $parts;
    }

    private function ofHolding(Holding $holding, bool $done, bool $wasDone): Figures
    {
        $remaining = $done ? Minutes::zero() : $holding->remaining();
        $entered = $this->costOfEntries($holding->entries, $this->pricing);
        $last = $holding->lastAssignment();
        $remainingCost = $this->pricing->cost(
            $this->personOf($last),
            $last->role,
            Day::later($this->today, $holding->firstPlannedDay()),
            $remaining,
        );

        return new Figures(
            $holding->planned(),
            self::minutesOf(self::actual($holding->entries)),
            self::minutesOf(self::pending($holding->entries)),
            $remaining,
            $this->plannedCost($holding, $this->pricing),
            $this->costOfEntries(self::actual($holding->entries), $this->pricing),
            $entered,
            $entered->plus($remainingCost),
            null,
            $this->earnedValue($holding, $wasDone),
        );
    }

    /** @param  list<Entry>  $entries */
    private function ofUnassigned(Minutes $planned, array $entries, bool $done): Figures
    {
        $entered = $this->costOfEntries($entries, $this->pricing);
        $remaining = $done ? Minutes::zero() : $planned->minus(self::minutesOf($entries))->notBelowZero();
        $spent = $this->costOfEntries(self::datedUpTo($this->today, $entries), $this->valuePricing);

        return new Figures(
            $planned,
            self::minutesOf(self::actual($entries)),
            self::minutesOf(self::pending($entries)),
            $remaining,
            Cost::unknown($planned),
            $this->costOfEntries(self::actual($entries), $this->pricing),
            $entered,
            $entered->plus(Cost::unknown($remaining)),
            null,
            new EarnedValue(Money::zero(), Money::zero(), $spent->known),
        );
    }

    private function earnedValue(Holding $holding, bool $taskWasDone): EarnedValue
    {
        $then = $holding->asOf($this->today);
        $plannedCost = $this->plannedCost($holding, $this->valuePricing)->known;
        $entered = $then->entered();
        $whole = $entered->plus($then->remaining());
        $earned = $taskWasDone || $then->isDone() ? $plannedCost : $plannedCost->share($entered->toInt(), $whole->toInt());

        return new EarnedValue(
            $this->plannedValue($holding),
            $earned,
            $this->costOfEntries($then->entries, $this->valuePricing)->known,
        );
    }

    private function plannedValue(Holding $holding): Money
    {
        $sum = Money::zero();
        foreach ($holding->assignments as $assignment) {
            $days = $assignment->days->upTo($this->today);
            if ($days !== null) {
                $cost = $this->plannedCostOf($assignment, $this->valuePricing)->known;
                $sum = $sum->plus($cost->share($assignment->spread()->within($days)->toInt(), $assignment->planned->toInt()));
            }
        }

        return $sum;
    }

    private function plannedCost(Holding $holding, Pricing $pricing): Cost
    {
        $sum = Cost::nothing();
        foreach ($holding->assignments as $assignment) {
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
        return $assignment->holder->isTeam ? null : $assignment->holder->code;
    }

    /** @param  list<Entry>  $entries */
    private function costOfEntries(array $entries, Pricing $pricing): Cost
    {
        $sum = Cost::nothing();
        foreach ($entries as $entry) {
            $sum = $sum->plus($pricing->cost($entry->person, $entry->role, $entry->day, $entry->minutes));
        }

        return $sum;
    }

    /**
     * @param  list<Entry>  $entries
     * @return list<Entry>
     */
    private static function actual(array $entries): array
    {
        return array_values(array_filter($entries, static fn (Entry $entry): bool => $entry->state->isActual()));
    }

    /**
     * @param  list<Entry>  $entries
     * @return list<Entry>
     */
    private static function pending(array $entries): array
    {
        return array_values(array_filter($entries, static fn (Entry $entry): bool => ! $entry->state->isActual()));
    }

    /**
     * @param  list<Entry>  $entries
     * @return list<Entry>
     */
    private static function datedUpTo(Day $day, array $entries): array
    {
        return array_values(array_filter($entries, static fn (Entry $entry): bool => ! $entry->day->isAfter($day)));
    }

    /** @param  list<Entry>  $entries */
    private static function minutesOf(array $entries): Minutes
    {
        return Minutes::sum(array_map(static fn (Entry $entry): Minutes => $entry->minutes, $entries));
    }
}
