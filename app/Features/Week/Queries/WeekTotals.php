<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Features\Week\Props\TotalsProps;
use App\Models\Entry;
use App\Models\Person;
use App\Sheet\LineKey;
use App\Support\Database\Record;
use Moss\Core\Calendar\Week;
use Moss\Core\Sheet\EntryState;

/** The sums of a person's week, in one query. */
final class WeekTotals
{
    public function of(Person $owner, Week $week): TotalsProps
    {
        $query = Entry::query()->toBase()
            ->join('tasks', 'tasks.id', 'entries.task_id')
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->where('entries.person_id', $owner->id)
            ->whereBetween('entries.date', [$week->monday()->toString(), $week->sunday()->toString()])
            ->select('entries.task_id', 'entries.role_id', 'entries.date', 'entries.minutes', 'entries.state', 'projects.code AS project');

        $entries = Record::all($query);
        $tasks = [];
        foreach ($entries as $entry) {
            $tasks[$entry->int('task_id')] = $entry;
        }

        return self::sum($entries, $tasks, $week);
    }

    /**
     * @param  list<Record>  $entries
     * @param  array<int, Record>  $tasks  by id, with the code of their project
     */
    public static function sum(array $entries, array $tasks, Week $week): TotalsProps
    {
        $days = [];
        foreach ($week->days() as $day) {
            $days[$day->toString()] = 0;
        }
        $approvedDays = $days;
        $lines = [];
        $projects = [];
        $states = [];
        foreach ($entries as $entry) {
            $minutes = $entry->int('minutes');
            $line = LineKey::of($entry->int('task_id'), $entry->intOrNull('role_id'));
            $days[$entry->string('date')] += $minutes;
            $approvedDays[$entry->string('date')] += EntryState::from($entry->string('state'))->isActual() ? $minutes : 0;
            $lines[$line] = ($lines[$line] ?? 0) + $minutes;
            $project = $tasks[$entry->int('task_id')]->string('project');
            $projects[$project] = ($projects[$project] ?? 0) + $minutes;
            $states[$entry->string('state')] = ($states[$entry->string('state')] ?? 0) + $minutes;
        }

        return new TotalsProps(array_sum($days), array_values($days), array_values($approvedDays), $lines, $projects, $states);
    }
}
