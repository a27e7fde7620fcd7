<?php

declare(strict_types=1);

namespace App\Features\Figures\Queries;

use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;
use Moss\Core\Effort\ForecastHistory;
use Moss\Core\Effort\Forecasting;
use Moss\Core\Time\Minutes;

/** What is stored of tasks: figures at completion and how the forecast came about. In six queries for any number of tasks. */
final readonly class TaskFigures
{
    public function __construct(private TaskPlans $plans, private TaskEfforts $efforts)
    {
    }

    /**
     * @param  list<int>  $tasks
     * @return array{array<int, array<string, int>>, array<string, array{task_id: int, week_end: string, change_minutes: int}>} rows to keep: figures by task, forecasts by task and week
     */
    public function of(array $tasks): array
    {
        $plans = $this->plans->of($tasks);
        $sums = self::sums(array_keys($plans));
        // Time on a task without a plan counts, but nothing remains of it: what was recorded need not be read.
        $efforts = $this->efforts->ofPlans(array_filter($plans, static fn (PlannedRow $plan): bool => $plan->isPlanned()));
        $forecasting = Forecasting::ofMinutes();
        $figures = [];
        $forecasts = [];
        foreach ($plans as $id => $plan) {
            $effort = $efforts[$id] ?? null;
            $remaining = $effort === null ? 0 : $forecasting->ofTask($effort)->remaining->toInt();
            $figures[$id] = [
                'task_id' => $id,
                'project_id' => $plan->project,
                'planned_minutes' => $plan->task->planned()->toInt(),
                'actual_minutes' => $sums[$id]['actual_minutes'] ?? 0,
                'pending_minutes' => $sums[$id]['pending_minutes'] ?? 0,
                'remaining_minutes' => $remaining,
                'over_assigned_minutes' => $plan->task->ownPlanned === null ? 0 : $plan->task->overAssigned()->toInt(),
                'budget_cents' => $plan->task->budget?->cents() ?? 0,
                'actual_cents' => $sums[$id]['actual_cents'] ?? 0,
                'pending_cents' => $sums[$id]['pending_cents'] ?? 0,
                'pending_unrated' => $sums[$id]['pending_unrated'] ?? 0,
                'actual_unrated' => $sums[$id]['actual_unrated'] ?? 0,
            ];
            foreach ($effort === null ? [] : ForecastHistory::changesOf($effort) as $week => $change) {
                $forecasts[$id.' '.$week] = ['task_id' => $id, 'week_end' => (string) $week, 'change_minutes' => $change->toInt()];
            }
        }

        return [$figures, $forecasts];
    }

    /**
     * @param  list<int>  $tasks
     * @return array<int, array<string, int>>
     */
    private static function sums(array $tasks): array
    {
        $columns = ['actual_minutes', 'pending_minutes', 'actual_cents', 'pending_cents', 'actual_unrated', 'pending_unrated'];
        $query = DB::table('task_months')->whereIntegerInRaw('task_id', $tasks)->groupBy('task_id')->select('task_id');
        foreach ($columns as $column) {
            $query->selectRaw("sum($column) AS $column");
        }
        $sums = [];
        foreach (Record::all($query) as $row) {
            $sums[$row->int('task_id')] = array_combine($columns, array_map($row->int(...), $columns));
        }

        return $sums;
    }
}
