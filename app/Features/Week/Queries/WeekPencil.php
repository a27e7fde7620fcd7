<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Models\LastWeekPencil;
use App\Models\Person;
use App\Support\Database\Record;
use Moss\Core\Calendar\Day;
use Moss\Core\Effort\Holding;
use Moss\Core\Sheet\Line;
use Moss\Core\Sheet\PastLine;
use Moss\Core\Sheet\PastWeeks;
use Moss\Core\Sheet\Pencil;
use Moss\Core\Sheet\PencilSource;
use Moss\Core\Sheet\PlannedLine;
use Moss\Core\Sheet\Proposal;
use Moss\Core\Sheet\TaskEntry;
use Moss\Core\Time\Minutes;

/** What is pencilled in for a person's week. In two queries beside those of its records. */
final readonly class WeekPencil
{
    public function __construct(private Holdings $holdings)
    {
    }

    /** @return list<Proposal> from the plan alone: days in order, within a day by end, project, task and role */
    public function fromPlan(Person $owner, SheetRecords $records, OwedDays $owed): array
    {
        $lines = $this->planned($records, $this->held($owner, $records, $owed));

        return (new Pencil($owed->hours(), $lines, self::entriesOf($records->entries, $records)))->over($records->week->days());
    }

    /** What the person's sources pencil in, and which lines they speak of. */
    public function of(Person $owner, SheetRecords $records, OwedDays $owed): PencilledWeek
    {
        $holdings = $this->held($owner, $records, $owed);
        $planned = $owner->pencil_plan ? $this->planned($records, $holdings) : [];
        $past = $this->past($owner, $records, $holdings);
        $hoursOf = $owner->pencil_last_week === LastWeekPencil::Hours
            ? $past
            : array_values(array_filter($past, static fn (PastLine $line): bool => $line->source !== PencilSource::LastWeek));
        $proposals = (new Pencil($owed->hours(), $planned, self::entriesOf($records->entries, $records), $hoursOf))->over($records->week->days());

        return new PencilledWeek($proposals, array_map(static fn (PastLine $line): Line => $line->line, $past), $holdings);
    }

    /** @return array<int, Holding> */
    private function held(Person $owner, SheetRecords $records, OwedDays $owed): array
    {
        return $this->holdings->of($owner, $records->assignments, $owed->capacity(), $owed->capacityOfOrganisation());
    }

    /**
     * @param  array<int, Holding>  $holdings
     * @return list<PlannedLine>
     */
    private function planned(SheetRecords $records, array $holdings): array
    {
        $own = [];
        foreach ($records->assignments as $assignment) {
            if ($assignment->intOrNull('person_id') !== null) {
                $own[$assignment->int('task_id')] = true;
            }
        }
        $lines = [];
        foreach (array_intersect_key($holdings, $own) as $id => $holding) {
            $task = $records->tasks[$id];
            if ($task->string('project_state') !== 'open' || $task->stringOrNull('done_on') !== null || $holding->isDone()) {
                continue;
            }
            foreach ($holding->assignments as $assignment) {
                if ($assignment->days->intersectedWith($records->week->days()) !== null) {
                    $lines[] = new PlannedLine($task->string('project'), $task->string('code'), $assignment, $holding->remaining());
                }
            }
        }

        return $lines;
    }

    /**
     * @param  array<int, Holding>  $holdings
     * @return list<PastLine> as far as their tasks are still open to the person; last week before the usual one
     */
    private function past(Person $owner, SheetRecords $records, array $holdings): array
    {
        $remaining = [];
        foreach ($records->tasks as $id => $task) {
            $holding = $holdings[$id] ?? null;
            $isOpen = $task->string('project_state') === 'open' && $task->stringOrNull('done_on') === null
                && ($holding === null ? $task->bool('internal') : ! $holding->isDone());
            if ($isOpen) {
                $remaining[(new Line($task->string('project'), $task->string('code'), null))->taskKey()] = $holding?->remaining();
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
     * @param  list<Record>  $entries
     * @return list<TaskEntry>
     */
    private static function entriesOf(array $entries, SheetRecords $records): array
    {
        return array_map(static fn (Record $entry): TaskEntry => new TaskEntry(
            $records->lineOf($entry),
            Day::of($entry->string('date')),
            Minutes::of($entry->int('minutes')),
        ), $entries);
    }
}
