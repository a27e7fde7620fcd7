<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Planning\PlannedTask;

/**
 * A task with everything recorded on it: entries and restatements dealt out to those whose holding they fall on.
 */
final readonly class TaskEffort
{
    /**
     * @param  list<Holding>  $holdings  in the order of holder codes
     * @param  list<RecordedEffort>  $unheld  entries that fall on no holding and draw on the unassigned hours
     */
    private function __construct(public PlannedTask $task, public array $holdings, public array $unheld)
    {
    }

    /**
     * @param  iterable<RecordedEffort>  $entries
     * @param  iterable<Restatement>  $restatements  in force, in the order in which they were made
     */
    public static function of(PlannedTask $task, iterable $entries, iterable $restatements): self
    {
        $holders = [];
        $entriesOf = [];
        $unheld = [];
        foreach ($entries as $entry) {
            // Many entries are of the same few people.
            $who = $entry->person."\x00".$entry->team;
            $holder = $holders[$who] ??= $task->holderFor($entry->person, $entry->team) ?? false;
            if ($holder === false) {
                $unheld[] = $entry;
            } else {
                $entriesOf[$holder->key()][] = $entry;
            }
        }
        $restatementsOf = [];
        foreach ($restatements as $restatement) {
            $holder = $task->holderFor($restatement->person, $restatement->team);
            if ($holder !== null) {
                $restatementsOf[$holder->key()][] = $restatement;
            }
        }
        $holdings = [];
        foreach ($task->assignmentsByHolder() as $key => $assignments) {
            $holdings[] = new Holding($assignments[0]->holder, $assignments, $entriesOf[$key] ?? [], $restatementsOf[$key] ?? []);
        }

        return new self($task, $holdings, $unheld);
    }

    /** What a person's time and words on the task fall on: their own holding, else their team's. */
    public function holdingOf(string $person, ?string $team): ?Holding
    {
        $holder = $this->task->holderFor($person, $team);
        foreach ($this->holdings as $holding) {
            if ($holder !== null && $holding->holder->key() === $holder->key()) {
                return $holding;
            }
        }

        return null;
    }

    /** As it stood at the end of the day: entries, restatements and completion up to it, the plan as it is. */
    public function asOf(Day $day): self
    {
        $doneOn = $this->task->doneOn;

        return new self(
            $doneOn !== null && $doneOn->isAfter($day) ? $this->task->notDone() : $this->task,
            array_map(static fn (Holding $holding): Holding => $holding->asOf($day), $this->holdings),
            array_values(array_filter($this->unheld, static fn (RecordedEffort $entry): bool => ! $entry->day->isAfter($day))),
        );
    }

    /** With one more word, which is now the last. */
    public function with(Restatement $restatement): self
    {
        $holder = $this->task->holderFor($restatement->person, $restatement->team)?->key();

        return new self($this->task, array_map(static fn (Holding $holding): Holding => $holding->holder->key() === $holder
            ? new Holding($holding->holder, $holding->assignments, $holding->entries, [...$holding->restatements, $restatement])
            : $holding, $this->holdings), $this->unheld);
    }

    /** Done when it was declared so, or when every holder is done. */
    public function isDone(): bool
    {
        if ($this->task->doneOn !== null) {
            return true;
        }
        foreach ($this->holdings as $holding) {
            if (! $holding->isDone()) {
                return false;
            }
        }

        return $this->holdings !== [];
    }

    /** Whether the task was done at the end of the day, by what had been said up to then. */
    public function wasDoneOn(Day $day): bool
    {
        $doneOn = $this->task->doneOn;
        if ($doneOn !== null && ! $doneOn->isAfter($day)) {
            return true;
        }
        foreach ($this->holdings as $holding) {
            if (! $holding->asOf($day)->isDone()) {
                return false;
            }
        }

        return $this->holdings !== [];
    }
}
