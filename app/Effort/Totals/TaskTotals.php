<?php

declare(strict_types=1);

namespace App\Effort\Totals;

use App\Effort\EffortReader;
use App\Effort\EffortScope;
use App\Effort\PlannedPart;
use App\Models\AssigneeFigures;
use App\Models\RecordedTaskMonth;
use App\Models\TaskFigures;
use App\Models\TaskForecast;
use App\Support\Database\BulkRows;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use Moss\Core\Effort\ForecastHistory;
use Moss\Core\Effort\TaskEffort;
use Moss\Core\Planning\PlannedTask;

/**
 * Figures of tasks at completion, as far as they do not depend on the day on which one looks, and by how much each week changed
 * the forecast; and of what remains, for whom. Stored in `task_figures`, `task_forecasts` and `assignee_figures`, where person and
 * team 0 stand for hours that nobody is assigned to.
 */
final readonly class TaskTotals
{
    /** What the core makes of plan, entries and estimates. */
    public const FIGURES = ['planned_minutes', 'remaining_minutes', 'over_assigned_minutes', 'budget_cents'];

    /** What is summed up of what was recorded. */
    public const SUMS = ['actual_minutes', 'pending_minutes', 'actual_cents', 'pending_cents', 'actual_unrated', 'pending_unrated'];

    public const FORECAST_KEY = ['task_id', 'week_end'];

    public const ASSIGNEE_KEY = ['task_id', 'person_id', 'team_id'];

    public const ASSIGNEE_COLUMNS = ['role_id', 'remaining_minutes'];

    public function __construct(private EffortReader $efforts, private TaskMonthTotals $months)
    {
    }

    /**
     * Recalculates figures and forecasts of tasks whose recorded totals are up to date.
     *
     * @param  list<int>  $tasks
     * @return array{list<int>, list<string>} their projects, and the weeks in which a forecast changed otherwise than before
     */
    public function refresh(array $tasks): array
    {
        $this->months->refreshRecorded($tasks);
        [$figures, $forecasts, $remaining] = $this->of($tasks);
        BulkRows::upsert('task_figures', ['task_id'], [...self::FIGURES, ...self::SUMS], array_values($figures), ['project_id']);
        $weeks = self::writeForecasts($tasks, $forecasts);
        BulkRows::replace('assignee_figures', self::ASSIGNEE_KEY, self::ASSIGNEE_COLUMNS, AssigneeFigures::query()->toBase()->whereIntegerInRaw('task_id', $tasks), $remaining);

        return [array_values(array_unique(array_map(static fn (array $row): int => (int) end($row), $figures))), $weeks];
    }

    /**
     * Recalculates only what is summed up of what was recorded, where no minutes have changed.
     *
     * @param  list<int>  $tasks
     */
    public function refreshSums(array $tasks): void
    {
        $this->months->refreshRecorded($tasks);
        $sums = self::sums($tasks);
        $figures = [];
        foreach (Record::each(TaskFigures::query()->toBase()->whereIntegerInRaw('task_id', $tasks)) as $row) {
            $figures[] = [$row->int('task_id'), ...$sums[$row->int('task_id')] ?? self::nothing(), $row->int('project_id')];
        }
        BulkRows::upsert('task_figures', ['task_id'], self::SUMS, $figures, ['project_id']);
    }

    /**
     * What is to be stored of tasks; in seven queries for any number of them.
     *
     * @param  list<int>  $tasks
     * @return array{array<int, non-empty-list<int>>, array<string, non-empty-list<int|string>>, array<string, non-empty-list<int>>} task, figures, sums and project by task; task, week and change of forecasts by both; task, person, team, role and what remains by the first three
     */
    public function of(array $tasks): array
    {
        $efforts = $this->efforts->minutes(EffortScope::tasks($tasks));
        $sums = self::sums($tasks);
        [$figures, $forecasts, $remaining] = [[], [], []];
        foreach ($efforts->tasks as $id => $effort) {
            $task = $effort->task;
            // Time on a task without a plan counts, but nothing remains of it.
            $isPlanned = self::isPlanned($task);
            $figures[$id] = [
                $id,
                $task->planned()->toInt(),
                $isPlanned ? $effort->remaining()->toInt() : 0,
                $task->ownPlanned === null ? 0 : $task->overAssigned()->toInt(),
                $task->budget?->cents() ?? 0,
                ...$sums[$id] ?? self::nothing(),
                $efforts->plans->projects[$id],
            ];
            foreach ($isPlanned ? ForecastHistory::changesOf($effort) : [] as $week => $change) {
                $forecasts[$id.' '.$week] = [$id, (string) $week, $change->toInt()];
            }
            $remaining += $isPlanned ? self::remaining($id, $effort, $efforts->plans->parts[$id] ?? []) : [];
        }

        return [$figures, $forecasts, $remaining];
    }

    /**
     * @param  list<PlannedPart>  $parts
     * @return array<string, non-empty-list<int>> where something remains
     */
    private static function remaining(int $task, TaskEffort $effort, array $parts): array
    {
        $rows = [$task.' 0 0' => [$task, 0, 0, 0, $effort->remainingUnassigned()->toInt()]];
        foreach ($effort->assigneeEfforts as $assigneeEffort) {
            $last = $assigneeEffort->lastAssignment();
            foreach ($parts as $part) {
                if ($part->assignment === $last) {
                    $rows[$task.' '.$part->person.' '.$part->team] = [$task, $part->person, $part->team, $part->role, $effort->remainingOf($assigneeEffort)->toInt()];
                }
            }
        }

        return array_filter($rows, static fn (array $row): bool => $row[4] > 0);
    }

    private static function isPlanned(PlannedTask $task): bool
    {
        return $task->ownPlanned !== null || $task->assignments !== [];
    }

    /**
     * @param  list<int>  $tasks
     * @param  array<string, non-empty-list<int|string>>  $forecasts
     * @return list<string> weeks in which one changed
     */
    private static function writeForecasts(array $tasks, array $forecasts): array
    {
        $changed = BulkRows::replace('task_forecasts', self::FORECAST_KEY, ['change_minutes'], TaskForecast::query()->toBase()->whereIntegerInRaw('task_id', $tasks), $forecasts);

        return array_values(array_unique(array_map(strval(...), array_column($changed, 1))));
    }

    /**
     * @param  list<int>  $tasks
     * @return array<int, non-empty-list<int>> by task, in the order of the columns
     */
    private static function sums(array $tasks): array
    {
        $query = RecordedTaskMonth::query()->toBase()->whereIntegerInRaw('task_id', $tasks)->groupBy('task_id')->select('task_id');
        foreach (self::SUMS as $column) {
            $query->addSelect(Sql::sum($column, $column));
        }
        $sums = [];
        foreach (Record::each($query) as $row) {
            $sums[$row->int('task_id')] = array_map($row->int(...), self::SUMS);
        }

        return $sums;
    }

    /** @return non-empty-list<int> */
    private static function nothing(): array
    {
        return [0, 0, 0, 0, 0, 0];
    }
}
