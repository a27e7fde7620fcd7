<?php

declare(strict_types=1);

namespace App\Features\Week\Queries;

use App\Features\Week\Props\TotalsProps;
use App\Models\Entry;
use App\Models\Person;
use App\Sheet\LineKey;
use App\Support\Database\Rows;
use Moss\Core\Calendar\Week;

/** The sums of a person's week, in one query. */
final class WeekTotals
{
    public function of(Person $owner, Week $week): TotalsProps
    {
        $query = Entry::query()->inWeek($week)->toBase()
            ->join('tasks', 'tasks.id', 'entries.task_id')
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->where('entries.person_id', $owner->id)
            ->select('entries.task_id', 'entries.role_id', 'entries.date', 'entries.minutes', 'entries.state', 'projects.code AS project');

        return self::sum(Rows::of(TotalledEntry::class, $query), $week);
    }

    /** @param  list<TotalledEntry>  $entries */
    public static function sum(array $entries, Week $week): TotalsProps
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
            $minutes = $entry->minutes->toInt();
            $date = $entry->date->toString();
            $line = LineKey::of($entry->taskId, $entry->roleId);
            $days[$date] += $minutes;
            $approvedDays[$date] += $entry->state->isActual() ? $minutes : 0;
            $lines[$line] = ($lines[$line] ?? 0) + $minutes;
            $projects[$entry->project] = ($projects[$entry->project] ?? 0) + $minutes;
            $states[$entry->state->value] = ($states[$entry->state->value] ?? 0) + $minutes;
        }

        return new TotalsProps(array_sum($days), array_values($days), array_values($approvedDays), $lines, $projects, $states);
    }
}
