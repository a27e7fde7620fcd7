<?php

declare(strict_types=1);

namespace App\Features\Load\Queries;

use App\Features\Load\Props\LoadPartProps;
use App\Models\Person;
use App\Models\PlannedWeek;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Calendar\WeekPart;

/** What a person's planned hours are made of, by task: in the weeks that some days touch. */
final class PlannedParts
{
    /** @return list<LoadPartProps> the largest first; projects without an address where the reader may not look at their plan */
    public static function of(Person $reader, int $person, DayRange $days): array
    {
        $rows = Record::all(PlannedWeek::query()->toBase()->join('tasks', 'tasks.id', 'planned_weeks.task_id')->join('projects', 'projects.id', 'tasks.project_id')
            ->where('planned_weeks.person_id', $person)->whereNull('tasks.done_on')->where('projects.state', 'open')
            ->whereBetween('planned_weeks.starts_on', [WeekPart::containing($days->first())->toString(), $days->last()->toString()])
            ->groupBy('tasks.id')->orderByDesc('minutes')->orderBy('tasks.id')
            ->select('projects.code AS project_code', 'projects.name AS project', 'tasks.name AS task', 'projects.manager_id')->addSelect(Sql::sum('planned_weeks.planned_minutes', 'minutes')));

        return array_map(static fn (Record $row): LoadPartProps => new LoadPartProps(
            $row->string('project_code'), $row->string('project'), $row->string('task'), $row->int('minutes'), $reader->isOffice() || $row->int('manager_id') === $reader->id,
        ), $rows);
    }
}
