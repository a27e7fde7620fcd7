<?php

declare(strict_types=1);

namespace App\Features\Figures\Queries;

use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Capacity;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\HolidayCalendar;
use Moss\Core\Calendar\WorkPattern;
use Moss\Core\Money\Money;
use Moss\Core\Planning\Assignee;
use Moss\Core\Planning\Assignment;
use Moss\Core\Planning\PlannedTask;
use Moss\Core\Time\Minutes;

/** Who holds how much of tasks, without the working time that would lay it over days. In two queries. */
final readonly class TaskPlans
{
    /**
     * @param  list<int>  $tasks
     * @return array<int, PlannedRow> by task, those that exist
     */
    public function of(array $tasks): array
    {
        $assignments = self::assignments($tasks);
        $plans = [];
        foreach (Record::all(DB::table('tasks')->whereIntegerInRaw('id', $tasks)->select('id', 'project_id', 'code', 'planned_minutes', 'budget_cents', 'done_on')) as $task) {
            $planned = $task->intOrNull('planned_minutes');
            $budget = $task->intOrNull('budget_cents');
            $doneOn = $task->stringOrNull('done_on');
            $plans[$task->int('id')] = new PlannedRow($task->int('project_id'), new PlannedTask(
                '',
                null,
                $task->string('code'),
                $planned === null ? null : Minutes::of($planned),
                $budget === null ? null : Money::ofCents($budget),
                null,
                $doneOn === null ? null : Day::of($doneOn),
                $assignments[$task->int('id')] ?? [],
            ));
        }

        return $plans;
    }

    /**
     * @param  list<int>  $tasks
     * @return array<int, list<Assignment>> by task
     */
    public static function assignments(array $tasks): array
    {
        $capacity = new Capacity(WorkPattern::of('8 8 8 8 8 0 0'), HolidayCalendar::empty());
        $query = DB::table('assignments')
            ->leftJoin('people', 'people.id', 'assignments.person_id')
            ->leftJoin('teams', 'teams.id', 'assignments.team_id')
            ->whereIntegerInRaw('assignments.task_id', $tasks)
            ->select('assignments.task_id', 'people.code AS person', 'teams.code AS team', 'assignments.planned_minutes', 'assignments.starts_on', 'assignments.ends_on');
        $byTask = [];
        foreach (Record::all($query) as $record) {
            $person = $record->stringOrNull('person');
            $byTask[$record->int('task_id')][] = new Assignment(
                $person === null ? Assignee::team($record->string('team')) : Assignee::person($person),
                null,
                Minutes::of($record->int('planned_minutes')),
                DayRange::between(Day::of($record->string('starts_on')), Day::of($record->string('ends_on'))),
                $capacity,
            );
        }

        return $byTask;
    }
}
