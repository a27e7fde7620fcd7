<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Models\Person;
use App\Models\TrackerPerson;
use App\Support\Database\Rows;
use Illuminate\Database\Query\JoinClause;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\TrackedLine;
use Moss\Core\Time\Minutes;

/** What was logged in a task tracker and waits in pencil. */
final class TrackedTime
{
    /** @return list<TrackedRow> at least one where a task tracker knows the person */
    public static function of(Person $owner, Week $week): array
    {
        return Rows::of(TrackedRow::class, TrackerPerson::query()->toBase()->join('trackers', 'trackers.id', 'tracker_people.tracker_id')
            ->leftJoin('tracker_times', static fn (JoinClause $join): JoinClause => $join->on('tracker_times.tracker_person_id', 'tracker_people.id')->where('tracker_times.is_accepted', false)
                ->where('tracker_times.minutes_there', '>', 0)->whereBetween('tracker_times.date', [$week->monday()->toString(), $week->sunday()->toString()]))
            ->leftJoin('tracker_tasks', 'tracker_tasks.id', 'tracker_times.tracker_task_id')
            ->where('tracker_people.person_id', $owner->id)
            ->select('tracker_tasks.task_id', 'tracker_times.date', 'tracker_times.minutes_there AS minutes', 'tracker_times.text', 'trackers.name AS tracker')
            ->orderBy('tracker_times.id'));
    }

    /** @return array<int, LineRow> by task, the person's own line before their team's */
    public static function lines(SheetRecords $records): array
    {
        $tracked = array_flip(array_map(static fn (TrackedRow $row): int => $row->taskId ?? 0, $records->tracked));
        $lines = [];
        foreach ($records->assignments as $assignment) {
            $task = $assignment->line->taskId;
            if (isset($tracked[$task]) && (! isset($lines[$task]) || $assignment->personId !== null)) {
                $lines[$task] = $assignment->line;
            }
        }

        return $lines;
    }

    /**
     * In cells without an entry, on the person's own line of the task before their team's.
     *
     * @return list<TrackedLine>
     */
    public static function pencilled(SheetRecords $records): array
    {
        $taken = [];
        foreach ($records->entries as $entry) {
            $taken[$entry->line->taskId.' '.$entry->date->toString()] = true;
        }
        $lines = self::lines($records);
        [$minutes, $texts] = [[], []];
        foreach ($records->tracked as $row) {
            $line = $lines[$row->taskId ?? 0] ?? null;
            if ($line !== null && $row->date !== null && $row->minutes !== null && ! isset($taken[$row->taskId.' '.$row->date->toString()])) {
                $date = $row->date->toString();
                $minutes[$line->taskId][$date] = ($minutes[$line->taskId][$date] ?? 0) + $row->minutes->toInt();
                $texts[$line->taskId][$date][] = trim($row->tracker.': '.$row->text, ': ');
            }
        }

        return array_map(static fn (int $task): TrackedLine => new TrackedLine(
            $records->lineOf($lines[$task]), array_map(Minutes::of(...), $minutes[$task]), array_map(static fn (array $all): string => implode('; ', array_unique($all)), $texts[$task]),
        ), array_keys($minutes));
    }
}
