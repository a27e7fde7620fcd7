<?php

declare(strict_types=1);

namespace Moss\Core\Effort;

use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\Week;
use Moss\Core\Time\Minutes;

/**
 * How the forecast of a task came about: what was entered and what remained at the end of each week, by entries,
 * remaining estimates and completions dated up to then and by the plan as it is.
 */
final readonly class ForecastHistory
{
    /** The key of what the forecast was before anything was recorded or said. */
    public const BEGINNING = '';

    private function __construct(private TaskEffort $effort)
    {
    }

    /**
     * @return array<string, Minutes> by how much the forecast changed in a week, by its Sunday (`YYYY-MM-DD`), in their
     *                                order; under the beginning, what it was first. None that is 0.
     */
    public static function changesOf(TaskEffort $effort): array
    {
        return (new self($effort))->changes();
    }

    /** @return array<string, Minutes> */
    private function changes(): array
    {
        $steps = [];
        foreach ($this->effort->assigneeEfforts as $assigneeEffort) {
            $steps[] = RunningSum::of($assigneeEffort->entries);
        }
        $ofNobody = RunningSum::of($this->effort->unassignedEntries);
        $unassigned = $this->effort->task->unassigned()->toInt();
        $first = $this->effort->task->assigned()->toInt() + $unassigned;
        $changes = [self::BEGINNING => Minutes::of($first)];
        $before = $first;
        foreach ($this->weeks() as $sunday) {
            $isDone = $this->isDoneOn($sunday);
            $entered = $ofNobody->upTo($sunday);
            $forecast = $entered + ($isDone ? 0 : max(0, $unassigned - $entered));
            foreach ($this->effort->assigneeEfforts as $index => $assigneeEffort) {
                $entered = $steps[$index]->upTo($sunday);
                $forecast += $entered + ($isDone ? 0 : self::left($assigneeEffort, $steps[$index], $entered, $sunday));
            }
            $changes[$sunday] = Minutes::of($forecast - $before);
            $before = $forecast;
        }

        return array_filter($changes, static fn (Minutes $change): bool => ! $change->isZero());
    }

    private static function left(AssigneeEffort $assigneeEffort, RunningSum $running, int $entered, string $sunday): int
    {
        $latest = self::latest($assigneeEffort, $sunday);
        if ($latest === null) {
            return max(0, $assigneeEffort->planned()->toInt() - $entered);
        }

        return $latest->done ? 0 : max(0, $latest->remaining->toInt() - $entered + $running->upTo($latest->on->toString()));
    }

    private static function latest(AssigneeEffort $assigneeEffort, string $sunday): ?RemainingEstimate
    {
        $latest = null;
        foreach ($assigneeEffort->estimates as $estimate) {
            if ($estimate->on->toString() <= $sunday && ($latest === null || ! $estimate->on->isBefore($latest->on))) {
                $latest = $estimate;
            }
        }

        return $latest;
    }

    private function isDoneOn(string $sunday): bool
    {
        $doneOn = $this->effort->task->doneOn;
        if ($doneOn !== null && $doneOn->toString() <= $sunday) {
            return true;
        }
        foreach ($this->effort->assigneeEfforts as $assigneeEffort) {
            if (! (self::latest($assigneeEffort, $sunday)->done ?? false)) {
                return false;
            }
        }

        return $this->effort->assigneeEfforts !== [];
    }

    /** @return list<string> Sundays of the weeks in which something was recorded or said */
    private function weeks(): array
    {
        $days = $this->effort->task->doneOn === null ? [] : [$this->effort->task->doneOn->toString() => $this->effort->task->doneOn];
        foreach ($this->effort->unassignedEntries as $entry) {
            $days[$entry->day->toString()] = $entry->day;
        }
        foreach ($this->effort->assigneeEfforts as $assigneeEffort) {
            foreach ($assigneeEffort->entries as $entry) {
                $days[$entry->day->toString()] = $entry->day;
            }
            foreach ($assigneeEffort->estimates as $estimate) {
                $days[$estimate->on->toString()] = $estimate->on;
            }
        }
        $weeks = array_unique(array_map(static fn (Day $day): string => Week::containing($day)->sunday()->toString(), array_values($days)));
        sort($weeks, SORT_STRING);

        return $weeks;
    }
}
