<?php

declare(strict_types=1);

namespace App\Effort\Totals;

use App\Models\Assignment;
use App\Models\PlanStep;
use App\Models\Task;
use App\Support\Clock\Today;
use App\Support\Database\BulkRows;
use App\Support\Database\Record;
use App\Support\Database\Sql;

/** From which day on the plan of tasks and their assignees is another, in `plan_steps`; of a day, what it was last. */
final readonly class PlanSteps
{
    public function __construct(private Today $today)
    {
    }

    /**
     * Adds a step of today where what is planned now is not what the last step says.
     *
     * @param  list<int>  $tasks
     */
    public function refresh(array $tasks): void
    {
        [$before, $now] = [self::latest($tasks), self::planned($tasks)];
        $today = $this->today->in('UTC')->toString();
        $steps = [];
        foreach ($now + array_fill_keys(array_keys($before), 0) as $key => $minutes) {
            if (($before[$key] ?? null) !== $minutes) {
                [$task, $person, $team] = array_map(intval(...), explode(' ', $key));
                $steps[] = [$task, $person, $team, $today, $minutes];
            }
        }
        BulkRows::upsert('plan_steps', ['task_id', 'person_id', 'team_id', 'starting_on'], ['minutes'], $steps);
    }

    /**
     * @param  list<int>  $tasks
     * @return array<string, int> minutes by task, person and team
     */
    public static function planned(array $tasks): array
    {
        $assigned = Assignment::query()->toBase()->whereIntegerInRaw('task_id', $tasks)->groupBy('task_id', 'person_id', 'team_id')
            ->addSelect('task_id', Sql::first(['person_id'], 'person_id', 0), Sql::first(['team_id'], 'team_id', 0), Sql::sum('planned_minutes', 'minutes'));
        $own = Task::query()->toBase()->whereIntegerInRaw('id', $tasks)->selectRaw(
            'id, 0, 0, coalesce(planned_minutes, (SELECT coalesce(sum(assignments.planned_minutes), 0) FROM assignments WHERE assignments.task_id = tasks.id))',
        );

        return self::byAssignee(Record::all($assigned->unionAll($own)));
    }

    /**
     * @param  list<int>  $tasks
     * @return array<string, int> likewise, as the last step has it
     */
    public static function latest(array $tasks): array
    {
        // With max(), SQLite gives the other columns of the row that has it.
        return self::byAssignee(Record::all(PlanStep::query()->toBase()->whereIntegerInRaw('task_id', $tasks)->groupBy('task_id', 'person_id', 'team_id')
            ->addSelect('task_id', 'person_id', 'team_id', 'minutes', Sql::max('starting_on'))));
    }

    /**
     * @param  list<Record>  $rows
     * @return array<string, int>
     */
    private static function byAssignee(array $rows): array
    {
        $minutes = [];
        foreach ($rows as $row) {
            $minutes[$row->int('task_id').' '.$row->int('person_id').' '.$row->int('team_id')] = $row->int('minutes');
        }

        return $minutes;
    }
}
