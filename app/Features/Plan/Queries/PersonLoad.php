<?php

declare(strict_types=1);

namespace App\Features\Plan\Queries;

use App\Effort\WorkingTime;
use App\Features\Plan\Props\LoadDayProps;
use App\Features\Plan\Props\LoadProps;
use App\Models\Absence as AbsenceModel;
use App\Models\Assignment as AssignmentModel;
use App\Models\Person;
use App\Support\Database\Record;
use Moss\Core\Calendar\Absence;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\ExpectedHours;
use Moss\Core\Planning\Assignee;
use Moss\Core\Planning\Assignment;
use Moss\Core\Planning\Load;
use Moss\Core\Planning\LoadedDay;
use Moss\Core\Time\Minutes;

/** What is planned for a person over some days on all open projects, against their expected hours. In four queries. */
final readonly class PersonLoad
{
    public function of(Person $person, DayRange $days): LoadProps
    {
        $working = WorkingTime::load();
        $capacity = $working->capacity($person->pattern, $person->calendar_id);
        $between = [$days->first()->toString(), $days->last()->toString()];
        $absences = array_map(static fn (Record $one): Absence => new Absence(
            Day::of($one->string('date')),
            $one->intOrNull('minutes') === null ? null : Minutes::of($one->int('minutes')),
        ), Record::all(AbsenceModel::query()->toBase()->where('person_id', $person->id)->whereBetween('date', $between)));
        $assignments = array_map(static fn (Record $one): Assignment => new Assignment(
            Assignee::person($person->code),
            null,
            Minutes::of($one->int('planned_minutes')),
            DayRange::between(Day::of($one->string('starts_on')), Day::of($one->string('ends_on'))),
        ), Record::all(AssignmentModel::query()->toBase()->join('tasks', 'tasks.id', 'assignments.task_id')->join('projects', 'projects.id', 'tasks.project_id')
            ->where('assignments.person_id', $person->id)->where('assignments.starts_on', '<=', $between[1])->where('assignments.ends_on', '>=', $between[0])
            ->whereNull('tasks.done_on')->where('projects.state', 'open')
            ->select('assignments.planned_minutes', 'assignments.starts_on', 'assignments.ends_on')));
        $load = Load::over($days, $assignments, $capacity, ExpectedHours::of($capacity, $person->employment(), $absences));

        return new LoadProps(
            $person->code,
            $person->name,
            $between[0],
            $between[1],
            $load->planned()->toInt(),
            $load->expected()->toInt(),
            array_map(static fn (LoadedDay $day): LoadDayProps => new LoadDayProps($day->day->toString(), $day->planned->toInt(), $day->expected->toInt()), $load->daysOver()),
        );
    }
}
