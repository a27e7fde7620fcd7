<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Planning\Assignee;
use Moss\Core\Planning\Assignment;
use Moss\Core\Time\Minutes;

/**
 * What one assignee has on one task: their assignments, all entries that fall on them, and their remaining estimates in force.
 */
final readonly class AssigneeEffort
{
    /**
     * @param  non-empty-list<Assignment>  $assignments
     * @param  list<RecordedEffort>  $entries
     * @param  list<RemainingEstimate>  $estimates  in the order in which they were made
     */
    public function __construct(public Assignee $assignee, public array $assignments, public array $entries, public array $estimates)
    {
    }

    public function planned(): Minutes
    {
        return Minutes::sum(array_map(static fn (Assignment $assignment): Minutes => $assignment->planned, $this->assignments));
    }

    public function entered(): Minutes
    {
        $minutes = 0;
        foreach ($this->entries as $entry) {
            $minutes += $entry->minutes->toInt();
        }

        return Minutes::of($minutes);
    }

    /**
     * With a remaining estimate of r minutes on day t, r less what is dated after t; without one, planned less entered;
     * never below 0. Once done it is 0, whatever is entered or corrected after it, until a later one says otherwise.
     */
    public function remaining(): Minutes
    {
        return $this->isDone() ? Minutes::zero() : $this->balance()->notBelowZero();
    }

    /** By how much more has been entered than remained; 0 where it has not. */
    public function over(): Minutes
    {
        return Minutes::zero()->minus($this->balance())->notBelowZero();
    }

    /** What remains less what was entered beyond it. */
    private function balance(): Minutes
    {
        $latest = $this->latestEstimate();
        if ($latest === null) {
            return $this->planned()->minus($this->entered());
        }
        $left = $latest->done ? Minutes::zero() : $latest->remaining;

        return $left->minus($this->enteredAfter($latest->on));
    }

    /** What is entered on days after the day. */
    public function enteredAfter(Day $day): Minutes
    {
        $minutes = 0;
        foreach ($this->entries as $entry) {
            $minutes += $entry->day->isAfter($day) ? $entry->minutes->toInt() : 0;
        }

        return Minutes::of($minutes);
    }

    public function isDone(): bool
    {
        return $this->latestEstimate()->done ?? false;
    }

    /** The latest by day; of the same day, the one made last. */
    public function latestEstimate(): ?RemainingEstimate
    {
        $latest = null;
        foreach ($this->estimates as $estimate) {
            if ($latest === null || ! $estimate->on->isBefore($latest->on)) {
                $latest = $estimate;
            }
        }

        return $latest;
    }

    /** As it stood at the end of the day: entries and remaining estimates dated up to it, the plan as it is. */
    public function asOf(Day $day): self
    {
        if (! $this->goesBeyond($day)) {
            return $this;
        }

        return new self(
            $this->assignee,
            $this->assignments,
            array_values(array_filter($this->entries, static fn (RecordedEffort $entry): bool => ! $entry->day->isAfter($day))),
            array_values(array_filter($this->estimates, static fn (RemainingEstimate $estimate): bool => ! $estimate->on->isAfter($day))),
        );
    }

    private function goesBeyond(Day $day): bool
    {
        foreach ($this->entries as $entry) {
            if ($entry->day->isAfter($day)) {
                return true;
            }
        }
        foreach ($this->estimates as $estimate) {
            if ($estimate->on->isAfter($day)) {
                return true;
            }
        }

        return false;
    }

    /** The assignment that ends last; of those that end on the same day, the one with the lower role code. */
    public function lastAssignment(): Assignment
    {
        $last = $this->assignments[0];
        foreach ($this->assignments as $assignment) {
            $later = $last->days->last()->daysUntil($assignment->days->last());
            if ($later > 0 || ($later === 0 && strcmp($assignment->role ?? '', $last->role ?? '') < 0)) {
                $last = $assignment;
            }
        }

        return $last;
    }

    public function firstPlannedDay(): Day
    {
        $first = $this->assignments[0]->days->first();
        foreach ($this->assignments as $assignment) {
            $first = Day::earlier($first, $assignment->days->first());
        }

        return $first;
    }
}
