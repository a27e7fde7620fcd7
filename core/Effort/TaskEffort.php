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
        $entriesOf = [];
        $unheld = [];
        foreach ($entries as $entry) {
            $holder = $task->holderFor($entry->person, $entry->team);
            if ($holder === null) {
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
