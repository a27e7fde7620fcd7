<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\Column;
use App\Exchange\ExchangeText;
use App\Exchange\FileKind;
use App\Exchange\FileRow;
use App\Exchange\Formats\CodeFormat;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\HoursCell;
use App\Exchange\Formats\MoneyFormat;
use App\Exchange\Formats\TextFormat;
use App\Exchange\Formats\YesNoFormat;
use App\Models\Task;
use Illuminate\Database\Query\Builder;

/** `tasks.csv` */
final class TasksKind extends FileKind
{
    public function name(): string
    {
        return 'tasks';
    }

    public function columns(): array
    {
        return [
            Column::required('project', new CodeFormat, ''),
            Column::required('task', new CodeFormat, 'code'),
            Column::required('name', new TextFormat(200)),
            Column::optional('phase', new TextFormat(200), null, ''),
            Column::optional('planned', HoursCell::ofPlan(), null, 'planned_minutes'),
            Column::optional('budget', new MoneyFormat, null, 'budget_cents'),
            Column::optional('starts_on', DayFormat::ofWork()),
            Column::optional('ends_on', DayFormat::ofWork()),
            Column::optional('charge_code', new TextFormat(64)),
            Column::optional('billable', new YesNoFormat),
            Column::optional('done_on', DayFormat::ofWork()),
        ];
    }

    public function key(): array
    {
        return ['project', 'task'];
    }

    public function keyAttributes(): array
    {
        return ['project_id', 'code'];
    }

    public function declare(FileRow $row, Codes $codes): void
    {
        if ($codes->idOf('projects', $row->string('project')) === null) {
            return;
        }
        $codes->declare('tasks', $row->string('project').'/'.$row->string('task'));
        $phase = $row->stringOrNull('phase');
        if ($phase !== null) {
            $codes->declare('phases', $row->string('project').'/'.$phase);
        }
    }

    public function check(FileRow $row, Codes $codes): array
    {
        if ($codes->idOf('projects', $row->string('project')) === null) {
            return [$row->problem('project', ExchangeText::get('expected.known', ['what' => ExchangeText::get('code_of.projects')]))];
        }

        return [...$this->checkOrder($row), ...$this->checkLength($row)];
    }

    public function further(FileRow $row, Codes $codes): array
    {
        $project = $row->string('project');
        $phase = $row->stringOrNull('phase');

        return [
            'id' => $codes->idOf('tasks', $project.'/'.$row->string('task')),
            'project_id' => $codes->idOf('projects', $project),
        ] + ($row->has('phase') || $phase !== null ? ['phase_id' => $phase === null ? null : $codes->idOf('phases', $project.'/'.$phase)] : []);
    }

    public function exported(): Builder
    {
        return Task::query()->toBase()
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->leftJoin('phases', 'phases.id', 'tasks.phase_id')
            ->addSelect('projects.code AS project', 'tasks.code AS task', 'tasks.name', 'phases.name AS phase', 'tasks.planned_minutes AS planned')
            ->addSelect('tasks.budget_cents AS budget', 'tasks.starts_on', 'tasks.ends_on', 'tasks.charge_code', 'tasks.billable', 'tasks.done_on')
            ->orderBy('projects.code')->orderBy('tasks.code');
    }
}
