<?php

declare(strict_types=1);

namespace App\Exchange\Kinds;

use App\Exchange\Codes;
use App\Exchange\CodeTable;
use App\Exchange\Column;
use App\Exchange\Formats\DayFormat;
use App\Exchange\Formats\HoursCell;
use App\Exchange\Formats\TextFormat;
use App\Exchange\Formats\YesNoFormat;
use App\Exchange\Row;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** `remaining_estimates.csv`: in the order in which they were made, since the last of a day counts. */
final class RemainingEstimatesKind extends OnTaskKind
{
    public function name(): string
    {
        return 'remaining_estimates';
    }

    public function table(): string
    {
        return 'restatements';
    }

    public function columns(): array
    {
        return [
            Column::reference('person', CodeTable::People, true),
            ...$this->taskColumns(),
            Column::required('on', DayFormat::ofWork(), 'stated_on'),
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
        return ['person_id', 'task_id', 'stated_on'];
    }

    public function check(Row $row, Codes $codes): array
    {
        return $this->checkTask($row, $codes);
    }

    /** Without those of people who have moved to another team since: these count for nobody, and no import would accept them. */
    public function exported(): Builder
    {
        return DB::table('restatements')
            ->join('people', 'people.id', 'restatements.person_id')
            ->join('tasks', 'tasks.id', 'restatements.task_id')
            ->join('projects', 'projects.id', 'tasks.project_id')
            ->whereExists(DB::table('assignments')->selectRaw('1')->whereColumn('assignments.task_id', 'restatements.task_id')
                ->where(static fn (Builder $held): Builder => $held->whereColumn('assignments.person_id', 'restatements.person_id')->orWhereColumn('assignments.team_id', 'people.team_id')))
            ->selectRaw('people.code AS person, projects.code AS project, tasks.code AS task, restatements.stated_on AS "on"')
            ->selectRaw('restatements.remaining_minutes AS remaining, restatements.reason, restatements.done')
            ->orderBy('projects.code')->orderBy('tasks.code')->orderBy('restatements.stated_on')->orderBy('restatements.id');
    }
}
