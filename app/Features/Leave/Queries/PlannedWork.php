<?php

declare(strict_types=1);

namespace App\Features\Leave\Queries;

use App\Effort\WorkingTime;
use App\Features\Leave\Props\PlannedClashProps;
use App\Models\Assignment as AssignmentModel;
use App\Models\Person;
use App\Support\Database\Record;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Leave\LeaveDay;
use Moss\Core\Planning\Assignee;
use Moss\Core\Planning\Assignment;
use Moss\Core\Time\Minutes;

/** What is planned for people on the days of their leave, task by task; for any number of people in a fixed number of queries. */
final readonly class PlannedWork
{
    /** @param  array<int, list<Record>>  $assignments  by person */
    private function __construct(private WorkingTime $working, private array $assignments)
    {
    }

    /** @param  list<Person>  $people */
    public static function load(array $people, DayRange $days): self
    {
        $assignments = [];
        foreach (Record::all(AssignmentModel::query()->toBase()->join('tasks', 'tasks.id', 'assignments.task_id')->join('projects', 'projects.id', 'tasks.project_id')
            ->whereIntegerInRaw('assignments.person_id', array_map(static fn (Person $person): int => $person->id, $people))
            ->where('assignments.starts_on', '<=', $days->last()->toString())->where('assignments.ends_on', '>=', $days->first()->toString())
            ->whereNull('tasks.done_on')->where('projects.state', 'open')->orderBy('projects.code')->orderBy('tasks.code')->orderBy('assignments.starts_on')
            ->select('assignments.person_id', 'assignments.planned_minutes', 'assignments.starts_on', 'assignments.ends_on', 'tasks.name AS task', 'projects.name AS project')) as $row) {
            $assignments[$row->int('person_id')][] = $row;
        }

        return new self(WorkingTime::load(), $assignments);
    }

    /**
     * @param  list<LeaveDay>  $days
     * @return list<PlannedClashProps> tasks with anything on those days
     */
    public function on(Person $person, array $days): array
    {
        $capacity = $this->working->capacity($person->pattern, $person->calendar_id);
        $clashes = [];
        foreach ($this->assignments[$person->id] ?? [] as $row) {
            $spread = (new Assignment(Assignee::person($person->code), null, Minutes::of($row->int('planned_minutes')), DayRange::between(Day::of($row->string('starts_on')), Day::of($row->string('ends_on')))))->spread($capacity)->byDay();
            $planned = array_filter(array_map(static fn (LeaveDay $day): ?Minutes => $spread[$day->day->toString()] ?? null, $days));
            if ($planned !== [] && ! Minutes::sum($planned)->isZero()) {
                $onDays = array_values(array_filter(array_map(static fn (LeaveDay $day): string => $day->day->toString(), $days), static fn (string $date): bool => isset($spread[$date]) && ! $spread[$date]->isZero()));
                $clashes[] = new PlannedClashProps($row->string('project'), $row->string('task'), Minutes::sum($planned)->toInt(), $onDays);
            }
        }

        return $clashes;
    }
}
