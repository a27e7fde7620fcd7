<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\FileRow;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\HoursCell;
use App\Exchange\Formats\TextFormat;
use App\Exchange\Formats\YesNoFormat;
use App\Models\Assignment;
use App\Models\RemainingEstimate;
use Illuminate\Database\Query\Builder;

/** `remaining_estimates.csv`: in the order in which they were made, since the last of a day counts. */
final class RemainingEstimatesKind extends OnTaskKind
{
    public function name(): string
    {
        return 'remaining_estimates';
    }

    public function table(): string
    {
        return 'remaining_estimates';
    }

    public function columns(): array
    {
        return [
            Column::reference('person', CodeTable::People, true),
            ...$this->taskColumns(),
            Column::required('on', DayFormat::ofWork(), 'estimated_on'),
            Column::required('remaining', HoursCell::ofPlan(), 'remaining_minutes'),
            Column::optional('reason', new TextFormat(2000, true), ''),
            Column::optional('done', new YesNoFormat, 0),
        ];
    }

    public function key(): array
    {
        return ['person', 'project', 'task', 'on'];
    }

    public function keyAttributes(): array
    {
        return ['person_id', 'task_id', 'estimated_on'];
    }

    public function check(FileRow $row, Codes $codes): array
    {
        return $this->checkTask($row, $codes);
    }

    /** Without those of people who have moved to another team since: these count for nobody, and no import would accept them. */
    public function periodColumn(): string
    {
        return 'remaining_estimates.estimated_on';
    }

    public function exported(): Builder
    {
        return RemainingEstimate::query()->toBase()
            ->join('people', 'people.id', 'remaining_estimates.person_id')
            ->join('tasks', 'tasks.id', 'remaining_estimates.task_id')
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->whereExists(Assignment::query()->toBase()->whereColumn('assignments.task_id', 'remaining_estimates.task_id')
                ->where(static fn (Builder $held): Builder => $held->whereColumn('assignments.person_id', 'remaining_estimates.person_id')->orWhereColumn('assignments.team_id', 'people.team_id')))
            ->addSelect('people.code AS person', 'projects.code AS project', 'tasks.code AS task', 'remaining_estimates.estimated_on AS on')
            ->addSelect('remaining_estimates.remaining_minutes AS remaining', 'remaining_estimates.reason', 'remaining_estimates.done')
            ->orderBy('projects.code')->orderBy('tasks.code')->orderBy('remaining_estimates.estimated_on')->orderBy('remaining_estimates.id');
    }
}
