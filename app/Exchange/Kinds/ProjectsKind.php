<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\FileRow;
use App\Exchange\Formats\ChoiceFormat;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\YesNoFormat;
use App\Models\Project;
use Illuminate\Database\Query\Builder;

/** `projects.csv` */
final class ProjectsKind extends CodeAndNameKind
{
    public function name(): string
    {
        return 'projects';
    }

    public function columns(): array
    {
        return [
            ...parent::columns(),
            Column::reference('client', CodeTable::Clients),
            Column::reference('manager', CodeTable::People, true),
            Column::optional('starts_on', DayFormat::ofWork()),
            Column::optional('ends_on', DayFormat::ofWork()),
            Column::optional('billable', new YesNoFormat, 1),
            Column::optional('internal', new YesNoFormat, 0),
            Column::optional('approval', new ChoiceFormat('none', 'project', 'line', 'project+line')),
            Column::optional('state', new ChoiceFormat('open', 'closed'), 'open'),
        ];
    }

    public function check(FileRow $row, Codes $codes): array
    {
        return [...$this->checkOrder($row), ...$this->checkLength($row)];
    }

    public function exported(): Builder
    {
        return Project::query()->toBase()
            ->leftJoin('clients', 'clients.id', 'projects.client_id')
            ->join('people', 'people.id', 'projects.manager_id')
            ->addSelect('projects.code AS project', 'projects.name', 'clients.code AS client', 'people.code AS manager', 'projects.starts_on', 'projects.ends_on')
            ->addSelect('projects.billable', 'projects.internal', 'projects.approval', 'projects.state')
            ->orderBy('projects.code');
    }

    protected function codeColumn(): string
    {
        return 'project';
    }
}
