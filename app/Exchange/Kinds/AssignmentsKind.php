<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\ExchangeText;
use App\Exchange\FileRow;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\HoursCell;
use App\Models\Assignment;
use Illuminate\Database\Query\Builder;

/** `assignments.csv` */
final class AssignmentsKind extends OnTaskKind
{
    public function name(): string
    {
        return 'assignments';
    }

    public function columns(): array
    {
        return [
            ...$this->taskColumns(),
            Column::reference('person', CodeTable::People),
            Column::reference('team', CodeTable::Teams),
            Column::reference('role', CodeTable::Roles),
            Column::required('planned', HoursCell::ofPlan(), 'planned_minutes'),
            Column::required('starts_on', DayFormat::ofWork()),
            Column::required('ends_on', DayFormat::ofWork()),
        ];
    }

    public function key(): array
    {
        return ['project', 'task', 'person', 'team', 'role', 'starts_on'];
    }

    public function keyAttributes(): array
    {
        return ['task_id', 'person_id', 'team_id', 'role_id', 'starts_on'];
    }

    public function check(FileRow $row, Codes $codes): array
    {
        if (($row->value('person') === null) === ($row->value('team') === null)) {
            return [$row->problem('person', ExchangeText::get('expected.person_or_team'))];
        }

        return [...$this->checkTask($row, $codes), ...$this->checkOrder($row), ...$this->checkLength($row)];
    }

    public function exported(): Builder
    {
        return Assignment::query()->toBase()
            ->join('tasks', 'tasks.id', 'assignments.task_id')
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->leftJoin('people', 'people.id', 'assignments.person_id')
            ->leftJoin('teams', 'teams.id', 'assignments.team_id')
            ->leftJoin('roles', 'roles.id', 'assignments.role_id')
            ->addSelect('projects.code AS project', 'tasks.code AS task', 'people.code AS person', 'teams.code AS team', 'roles.code AS role')
            ->addSelect('assignments.planned_minutes AS planned', 'assignments.starts_on', 'assignments.ends_on')
            ->orderBy('projects.code')->orderBy('tasks.code')->orderBy('people.code')->orderBy('teams.code')
            ->orderBy('roles.code')->orderBy('assignments.starts_on');
    }
}
