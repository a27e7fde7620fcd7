<?php

declare(strict_types=1);

namespace App\Effort\Totals;

use App\Models\ProjectForecast;
use App\Models\TaskFigures;
use App\Models\TaskForecast;
use App\Support\Database\BulkRows;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Illuminate\Database\Query\Builder;

/** The figures and forecasts of projects: those of their tasks summed up, in `project_figures` and `project_forecasts`. */
final readonly class ProjectTotals
{
    public const FORECAST_KEY = ['project_id', 'week_end'];

    /** @return non-empty-list<literal-string> */
    public static function columns(): array
    {
        return [...TaskTotals::FIGURES, ...TaskTotals::SUMS];
    }

    /**
     * @param  list<int>  $projects
     * @param  list<string>|null  $weeks  Sundays of the weeks in which forecasts of their tasks changed; null for any
     */
    public function refresh(array $projects, ?array $weeks): void
    {
        if ($projects === []) {
            return;
        }
        $rows = [];
        foreach (Record::each(self::figures()->whereIntegerInRaw('project_id', $projects)) as $row) {
            $rows[$row->int('project_id')] = [$row->int('project_id'), ...array_map($row->int(...), self::columns())];
        }
        BulkRows::upsert('project_figures', ['project_id'], self::columns(), array_values($rows));
        BulkRows::delete('project_figures', ['project_id'], array_values(array_map(static fn (int $project): array => [$project], array_filter($projects, static fn (int $project): bool => ! isset($rows[$project])))));
        if ($weeks !== []) {
            self::writeForecasts($projects, $weeks);
        }
    }

    /** What the figures should be. */
    public static function figures(): Builder
    {
        $query = TaskFigures::query()->toBase()->select('project_id')->groupBy('project_id');
        foreach (self::columns() as $column) {
            $query->addSelect(Sql::sum($column, $column));
        }

        return $query;
    }

    /** What the forecasts should be. */
    public static function forecasts(): Builder
    {
        return TaskForecast::query()->toBase()->join('tasks', 'tasks.id', 'task_forecasts.task_id')
            ->select('tasks.project_id', 'week_end', Sql::sum('change_minutes', 'change_minutes'))->groupBy('tasks.project_id', 'week_end');
    }

    /**
     * @param  list<int>  $projects
     * @param  non-empty-list<string>|null  $weeks
     */
    private static function writeForecasts(array $projects, ?array $weeks): void
    {
        $ofWeeks = static fn (Builder $query): Builder => $weeks === null ? $query : $query->whereIn('week_end', $weeks);
        $changes = [];
        foreach (Record::each($ofWeeks(self::forecasts()->whereIntegerInRaw('tasks.project_id', $projects))) as $row) {
            $changes[$row->int('project_id').' '.$row->string('week_end')] = [$row->int('project_id'), $row->string('week_end'), $row->int('change_minutes')];
        }
        BulkRows::replace('project_forecasts', self::FORECAST_KEY, ['change_minutes'], $ofWeeks(ProjectForecast::query()->toBase()->whereIntegerInRaw('project_id', $projects)), $changes);
    }
}
