<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\Grouping;
use Moss\Core\Compare\Measure;
use Moss\Core\Compare\Selection;
use Moss\Core\OwnFields\FieldSubject;
use Moss\Core\OwnFields\OwnField;

/** What is compared: everything on which figures depend. */
final readonly class ComparisonTerms
{
    /**
     * @param  Day  $today  the last day that counts as planned to date
     * @param  bool  $withPending  whether pending time counts as actual
     * @param  Grouping|null  $then  what the groups are made of
     * @param  Grouping|null  $across  what stands across, as months do
     * @param  list<Measure>  $measures  that are to be read, of which those that do not fit the groupings are left out
     * @param  OwnField|null  $field  the own field that groups or selection ask for
     */
    public function __construct(
        public Grouping $by,
        public Selection $selection,
        public DayRange $days,
        public Day $today,
        public bool $withPending,
        public ?Grouping $then = null,
        public ?Grouping $across = null,
        public array $measures = Measure::USUAL,
        public ?OwnField $field = null,
    ) {
    }

    /** The same of a part of it, grouped otherwise. */
    public function within(Selection $selection, Grouping $by, ?Grouping $then, Measure $measure): self
    {
        return new self($by, $selection, $this->days, $this->today, $this->withPending, $then, null, [$measure], $this->field);
    }

    /** The same of whole groups, without what they are made of or what stands across. */
    public function ofGroups(): self
    {
        return new self($this->by, $this->selection, $this->days, $this->today, $this->withPending, null, null, $this->fitting(), $this->field);
    }

    /**
     * The same of some groups alone.
     *
     * @param  non-empty-list<string>  $groups  their codes
     */
    public function among(array $groups): self
    {
        return new self($this->by, $this->selection->within($this->by, $groups), $this->days, $this->today, $this->withPending, $this->then, $this->across, $this->measures, $this->field);
    }

    /**
     * The same of all groups together, by what stands across; null where nothing does. What is planned to date is not shown of these,
     * so that all that is planned counts as it.
     */
    public function ofPeriods(): ?self
    {
        return $this->across === null ? null
            : new self($this->across, $this->selection, $this->days, Day::later($this->today, $this->days->last()), $this->withPending, null, null, $this->fitting(), $this->field);
    }

    /** @return list<Grouping> */
    public function groupings(): array
    {
        return array_values(array_filter([$this->by, $this->then, $this->across]));
    }

    /** Whether any of these is grouped by, or is what the selected groups are of. */
    public function isAbout(Grouping ...$about): bool
    {
        return array_filter([...$this->groupings(), ...array_column($this->selection->groups, 0)], static fn (Grouping $one): bool => in_array($one, $about, true)) !== [];
    }

    /** @return list<Measure> those that can be told of the groups */
    public function fitting(): array
    {
        // What belongs to no day is told of a group beside its periods.
        $groupings = $this->then === null ? [$this->by] : [$this->by, $this->then];

        return array_values(array_filter($this->measures, fn (Measure $measure): bool => $measure->fits(...$groupings) && ! ($this->asksFieldOfEntries() && $measure->isOfPlan()) && ($measure->isMoney() || ! $this->asksFieldOfExpenses())));
    }

    /** Whether an own field of entries is asked for, by which plans are not told apart. */
    public function asksFieldOfEntries(): bool
    {
        return $this->field?->subject === FieldSubject::Entry;
    }

    /** Whether an own field of expenses is asked for, which only expenses have. */
    public function asksFieldOfExpenses(): bool
    {
        return $this->field?->subject === FieldSubject::Expense;
    }

    public function asksForClients(): bool
    {
        return $this->selection->clients !== [] || $this->isAbout(Grouping::Client);
    }

    public function asksForManagers(): bool
    {
        return $this->selection->managers !== [] || $this->isAbout(Grouping::Manager);
    }

    public function asksForTeams(): bool
    {
        return $this->selection->teams !== [] || $this->isAbout(Grouping::Team);
    }

    public function asksForRoles(): bool
    {
        return $this->selection->roles !== [] || $this->isAbout(Grouping::Role);
    }

    /** Whether hours are asked for, and nothing besides. */
    public function asksHoursAlone(): bool
    {
        return ! $this->asksMoney() && ! $this->asksAttendance() && ! $this->asksCompletion() && ! $this->asksPay() && ! $this->asksFieldOfExpenses();
    }

    public function asksBillable(): bool
    {
        return $this->asks(static fn (Measure $measure): bool => $measure->isOfBillable());
    }

    public function asksMoney(): bool
    {
        return $this->asks(static fn (Measure $measure): bool => $measure->isMoney());
    }

    public function asksAttendance(): bool
    {
        return $this->asks(static fn (Measure $measure): bool => $measure->isOfAttendance());
    }

    public function asksPay(): bool
    {
        return $this->asks(static fn (Measure $measure): bool => $measure->payKind() !== null);
    }

    public function asksCompletion(): bool
    {
        return $this->asks(static fn (Measure $measure): bool => $measure->isAtCompletion());
    }

    public function asksForecast(): bool
    {
        return $this->asks(static fn (Measure $measure): bool => $measure === Measure::Forecast);
    }

    /** @param  callable(Measure): bool  $does */
    private function asks(callable $does): bool
    {
        return array_filter($this->fitting(), $does) !== [];
    }
}
