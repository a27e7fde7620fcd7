<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Effort\EffortReader;
use App\Effort\EffortScope;
use App\Models\LastWeekPencil;
use App\Models\Person;
use App\Sheet\ExpectedDays;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\AssigneeEffort;
use Moss\Core\Sheet\Line;
use Moss\Core\Sheet\PastLine;
use Moss\Core\Sheet\PastWeeks;
use Moss\Core\Sheet\Pencil;
use Moss\Core\Sheet\PencilSource;
use Moss\Core\Sheet\PlannedLine;
use Moss\Core\Sheet\Proposal;
use Moss\Core\Sheet\TaskEntry;

/** What is pencilled in for a person's week. In the queries of efforts beside those of its records. */
final readonly class WeekPencil
{
    public function __construct(private EffortReader $efforts)
    {
    }

    /** @return list<Proposal> from the plan alone: days in order, within a day by end, project, task and role */
    public function fromPlan(Person $owner, SheetRecords $records, ExpectedDays $expected): array
    {
        $lines = $this->planned($records, $this->held($owner, $records), $expected);

        return (new Pencil($expected->hours(), $lines, self::entriesOf($records->entries, $records)))->over($records->week->days());
    }

    /** What the person's sources pencil in, and which lines they speak of. */
    public function of(Person $owner, SheetRecords $records, ExpectedDays $expected): PencilledWeek
    {
        $assigneeEfforts = $this->held($owner, $records);
        $planned = $owner->pencil_plan ? $this->planned($records, $assigneeEfforts, $expected) : [];
        $past = $this->past($owner, $records, $assigneeEfforts);
        $hoursOf = $owner->pencil_last_week === LastWeekPencil::Hours
            ? $past
            : array_values(array_filter($past, static fn (PastLine $line): bool => $line->source !== PencilSource::LastWeek));
        $proposals = (new Pencil($expected->hours(), $planned, self::entriesOf($records->entries, $records), $hoursOf, [...WeekStretches::pencilled($records), ...TrackedTime::pencilled($records)]))->over($records->week->days());

        return new PencilledWeek($proposals, array_map(static fn (PastLine $line): Line => $line->line, $past), $assigneeEfforts);
    }

    /** @return array<int, AssigneeEffort> what the person's time falls on, by task: their own assignment, else their team's */
    private function held(Person $owner, SheetRecords $records): array
    {
        $tasks = [];
        $team = null;
        foreach ($records->assignments as $assignment) {
            $tasks[$assignment->line->taskId] = true;
            $team ??= $assignment->team;
        }
        $scope = EffortScope::tasks(array_keys($tasks))->fallingOn([$owner->id], $owner->team_id === null ? [] : [$owner->team_id]);
        $held = [];
        foreach ($tasks === [] ? [] : $this->efforts->minutes($scope)->tasks as $id => $effort) {
            $held[$id] = $effort->effortOf($owner->code, $team);
        }

        return array_filter($held);
    }

    /**
     * @param  array<int, AssigneeEffort>  $assigneeEfforts
     * @return list<PlannedLine>
     */
    private function planned(SheetRecords $records, array $assigneeEfforts, ExpectedDays $expected): array
    {
        $own = [];
        foreach ($records->assignments as $assignment) {
            if ($assignment->personId !== null) {
                $own[$assignment->line->taskId] = true;
            }
        }
        $lines = [];
        foreach (array_intersect_key($assigneeEfforts, $own) as $id => $assigneeEffort) {
            $task = $records->tasks[$id];
            if (! $task->isOpen() || $task->doneOn !== null || $assigneeEffort->isDone()) {
                continue;
            }
            foreach ($assigneeEffort->assignments as $assignment) {
                if ($assignment->days->intersectedWith($records->week->days()) !== null) {
                    $lines[] = new PlannedLine($task->project, $task->code, $assignment, $assigneeEffort->remaining(), $expected->capacity());
                }
            }
        }

        return $lines;
    }

    /**
     * @param  array<int, AssigneeEffort>  $assigneeEfforts
     * @return list<PastLine> as far as their tasks are still open to the person; last week before the usual one
     */
    private function past(Person $owner, SheetRecords $records, array $assigneeEfforts): array
    {
        $remaining = [];
        foreach ($records->tasks as $id => $task) {
            $assigneeEffort = $assigneeEfforts[$id] ?? null;
            $isOpen = $task->isOpen() && $task->doneOn === null
                && ($assigneeEffort === null ? $task->internal : ! $assigneeEffort->isDone());
            if ($isOpen) {
                $remaining[(new Line($task->project, $task->code, null))->taskKey()] = $assigneeEffort?->remaining();
            }
        }
        $weeks = PastWeeks::of(self::entriesOf($records->history, $records));
        $lines = [
            ...($owner->pencil_last_week === LastWeekPencil::Off ? [] : $weeks->lastWeek($records->week)),
            ...($owner->pencil_usual_week ? $weeks->usualWeek($records->week, $records->lastFull) : []),
        ];
        $open = [];
        foreach ($lines as $line) {
            if (array_key_exists($line->line->taskKey(), $remaining)) {
                $open[] = $line->limitedTo($remaining[$line->line->taskKey()]);
            }
        }

        return $open;
    }

    /**
     * @param  list<InkedEntry|PastSum>  $entries
     * @return list<TaskEntry>
     */
    private static function entriesOf(array $entries, SheetRecords $records): array
    {
        return array_map(static fn (InkedEntry|PastSum $entry): TaskEntry => new TaskEntry($records->lineOf($entry->line), $entry->date, $entry->minutes), $entries);
    }
}
