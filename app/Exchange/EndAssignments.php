<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/**
 * Ends the assignments that a refreshed plan no longer has, in the projects that it speaks of.
 *
 * One on which nothing was recorded is removed. One whose holder has recorded time or said what remains is kept, so that
 * their record stays theirs: it ends on the last day recorded, with no more planned than was entered.
 */
final class EndAssignments
{
    /**
     * @param  array<string, list<Row>>  $rows  by kind
     * @return list<EndedAssignment>
     */
    public function handle(array $rows, Codes $codes): array
    {
        if (! isset($rows['assignments'])) {
            return [];
        }
        $ended = [];
        $removed = [];
        $kept = [];
        foreach ($this->gone($rows, $codes) as $assignment) {
            $before = self::attributes($assignment);
            if ($assignment->intOrNull('recorded') === null && $assignment->int('restated') === 0) {
                $removed[] = $assignment->int('id');
                $ended[] = new EndedAssignment($before, null);
            } elseif (self::ended($assignment) !== $before) {
                $kept[] = self::ended($assignment);
                $ended[] = new EndedAssignment($before, self::ended($assignment));
            }
        }
        foreach (array_chunk($removed, 500) as $ids) {
            DB::table('assignments')->whereIn('id', $ids)->delete();
        }
        foreach (array_chunk($kept, 500) as $chunk) {
            DB::table('assignments')->upsert($chunk, ['id'], ['planned_minutes', 'ends_on']);
        }

        return $ended;
    }

    /**
     * @param  array<string, list<Row>>  $rows
     * @return list<Record>
     */
    private function gone(array $rows, Codes $codes): array
    {
        $projects = [];
        foreach (['projects', 'tasks', 'assignments'] as $kind) {
            foreach ($rows[$kind] ?? [] as $row) {
                $projects[$row->string('project')] = $codes->idOf('projects', $row->string('project'));
            }
        }
        $kept = [];
        foreach ($rows['assignments'] as $row) {
            $kept[implode(' ', [
                $codes->idOf('tasks', $row->string('project').'/'.$row->string('task')),
                $codes->idOf('people', (string) $row->value('person')),
                $codes->idOf('teams', (string) $row->value('team')),
                $codes->idOf('roles', (string) $row->value('role')),
                $row->string('starts_on'),
            ])] = true;
        }

        return array_values(array_filter(
            Record::all($this->assignmentsOf(array_values($projects))),
            static fn (Record $assignment): bool => ! isset($kept[implode(' ', [
                $assignment->int('task_id'),
                $assignment->intOrNull('person_id'),
                $assignment->intOrNull('team_id'),
                $assignment->intOrNull('role_id'),
                $assignment->string('starts_on'),
            ])]),
        ));
    }

    /** @param  list<int|null>  $projects */
    private function assignmentsOf(array $projects): Builder
    {
        $holders = '(people.id = assignments.person_id OR people.team_id = assignments.team_id)';

        return DB::table('assignments')->join('tasks', 'tasks.id', 'assignments.task_id')
            ->whereIn('tasks.project_id', $projects)
            ->select('assignments.*')
            ->selectRaw('(SELECT sum(entries.minutes) FROM entries JOIN people ON people.id = entries.person_id WHERE entries.task_id = tasks.id AND '.$holders.') AS recorded')
            ->selectRaw('(SELECT max(entries.date) FROM entries JOIN people ON people.id = entries.person_id WHERE entries.task_id = tasks.id AND '.$holders.') AS recorded_on')
            ->selectRaw('(SELECT count(*) FROM restatements JOIN people ON people.id = restatements.person_id WHERE restatements.task_id = tasks.id AND '.$holders.') AS restated');
    }

    /** @return array<string, string|int|null> */
    private static function ended(Record $assignment): array
    {
        $last = max($assignment->string('starts_on'), $assignment->stringOrNull('recorded_on') ?? '');
        $entered = max(0, $assignment->intOrNull('recorded') ?? 0);

        return array_replace(self::attributes($assignment), [
            'planned_minutes' => min($assignment->int('planned_minutes'), $entered),
            'ends_on' => min($assignment->string('ends_on'), $last),
        ]);
    }

    /** @return array<string, string|int|null> */
    private static function attributes(Record $assignment): array
    {
        return array_diff_key($assignment->toArray(), ['recorded' => 0, 'recorded_on' => 0, 'restated' => 0]);
    }
}
