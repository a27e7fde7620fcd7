<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Models\Assignment;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;

/**
 * Ends the assignments that a refreshed plan no longer has, in the projects that it speaks of.
 *
 * What people recorded, and what they said remains, is theirs through any assignment on the task. So an assignment goes where
 * nothing was recorded under it, or where the plan still has its person or team on the task. Of the others, as much stays
 * planned as was entered, from the earliest on, and it ends on the last day recorded.
 */
final class EndAssignments
{
    /**
     * @param  array<string, ExchangeFile>  $files  by kind
     * @return list<EndedAssignment>
     */
    public function handle(array $files, Codes $codes): array
    {
        if (! isset($files['assignments'])) {
            return [];
        }
        $ended = [];
        $removed = [];
        $stored = [];
        foreach ($this->gone($files, $codes) as $assignments) {
            foreach (self::ending($assignments) as $index => $after) {
                $before = self::attributes($assignments[$index]);
                if ($after === null) {
                    $removed[] = $assignments[$index]->int('id');
                } elseif ($after !== $before) {
                    $stored[] = $after;
                }
                if ($after !== $before) {
                    $ended[] = new EndedAssignment($before, $after);
                }
            }
        }
        foreach (array_chunk($removed, 500) as $ids) {
            Assignment::query()->whereIn('id', $ids)->delete();
        }
        foreach (array_chunk($stored, 500) as $chunk) {
            Assignment::query()->upsert($chunk, ['id'], ['planned_minutes', 'ends_on']);
        }

        return $ended;
    }

    /**
     * What becomes of the assignments of one person or team on one task, all of which are gone from the plan or have others
     * beside them that are not.
     *
     * @param  non-empty-list<Record>  $assignments  by their first day
     * @return list<array<string, string|int|null>|null> null where one is removed
     */
    private static function ending(array $assignments): array
    {
        $first = $assignments[0];
        $recordedOn = $first->stringOrNull('recorded_on') ?? '';
        if ($first->bool('is_planned') || ($first->intOrNull('recorded') === null && $first->int('estimated') === 0)) {
            return array_map(static fn (): null => null, $assignments);
        }
        $entered = max(0, $first->intOrNull('recorded') ?? 0);
        $after = [];
        foreach ($assignments as $index => $assignment) {
            $planned = min($assignment->int('planned_minutes'), $entered);
            $entered -= $planned;
            // One of them stays in any case, so that what was recorded stays its owner's.
            $after[] = $planned === 0 && $index > 0 ? null : array_replace(self::attributes($assignment), [
                'planned_minutes' => $planned,
                'ends_on' => min($assignment->string('ends_on'), max($assignment->string('starts_on'), $recordedOn)),
            ]);
        }

        return $after;
    }

    /**
     * @param  array<string, ExchangeFile>  $files
     * @return list<non-empty-list<Record>> by task and person or team
     */
    private function gone(array $files, Codes $codes): array
    {
        $projects = [];
        $stored = [];
        foreach (['projects', 'tasks', 'assignments'] as $kind) {
            foreach (isset($files[$kind]) ? $files[$kind]->complete() : [] as $row) {
                $projects[$row->string('project')] = $codes->idOf('projects', $row->string('project'));
                if ($kind === 'assignments') {
                    $stored[self::keyOf(
                        $codes->idOf('tasks', $row->string('project').'/'.$row->string('task')),
                        $codes->idOf('people', (string) $row->value('person')),
                        $codes->idOf('teams', (string) $row->value('team')),
                    )][$codes->idOf('roles', (string) $row->value('role')).' '.$row->string('starts_on')] = true;
                }
            }
        }
        $gone = [];
        foreach (Record::all($this->assignmentsOf(array_values($projects))) as $assignment) {
            $assignee = self::keyOf($assignment->int('task_id'), $assignment->intOrNull('person_id'), $assignment->intOrNull('team_id'));
            if (! isset($stored[$assignee][$assignment->intOrNull('role_id').' '.$assignment->string('starts_on')])) {
                $gone[$assignee][] = $assignment->with(['is_planned' => isset($stored[$assignee]) ? 1 : 0]);
            }
        }

        return array_values($gone);
    }

    private static function keyOf(?int $task, ?int $person, ?int $team): string
    {
        return $task.' '.$person.' '.$team;
    }

    /**
     * With what was recorded and said under each: by the person, or by members of the team who have no assignment of their own
     * on the task.
     *
     * @param  list<int|null>  $projects
     */
    private function assignmentsOf(array $projects): Builder
    {
        $theirs = '(people.id = assignments.person_id OR (people.team_id = assignments.team_id
            AND NOT EXISTS (SELECT 1 FROM assignments AS own WHERE own.task_id = assignments.task_id AND own.person_id = people.id)))';

        return Assignment::query()->toBase()->join('tasks', 'tasks.id', 'assignments.task_id')
            ->whereIn('tasks.project_id', $projects)
            ->select('assignments.*')
            ->selectRaw('(SELECT sum(entries.minutes) FROM entries JOIN people ON people.id = entries.person_id WHERE entries.task_id = tasks.id AND '.$theirs.') AS recorded')
            ->selectRaw('(SELECT max(entries.date) FROM entries JOIN people ON people.id = entries.person_id WHERE entries.task_id = tasks.id AND '.$theirs.') AS recorded_on')
            ->selectRaw('(SELECT count(*) FROM remaining_estimates JOIN people ON people.id = remaining_estimates.person_id WHERE remaining_estimates.task_id = tasks.id AND '.$theirs.') AS estimated')
            ->orderBy('assignments.task_id')->orderBy('assignments.starts_on')->orderBy('assignments.id');
    }

    /** @return array<string, string|int|null> */
    private static function attributes(Record $assignment): array
    {
        return array_diff_key($assignment->toArray(), ['recorded' => 0, 'recorded_on' => 0, 'estimated' => 0, 'is_planned' => 0]);
    }
}
