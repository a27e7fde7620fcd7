<?php

declare(strict_types=1);

namespace App\Features\Figures\Queries;

use App\Support\Clock\Today;
use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Calculates all stored totals again from the entries, and lists where they differ. */
final readonly class VerifiedFigures
{
    private const TASKS_AT_ONCE = 50;

    private const SUMS = ['actual_minutes', 'pending_minutes', 'actual_cents', 'pending_cents', 'actual_unrated', 'pending_unrated'];

    private const FIGURES = [
        'planned_minutes', 'actual_minutes', 'pending_minutes', 'remaining_minutes', 'over_assigned_minutes',
        'budget_cents', 'actual_cents', 'pending_cents', 'pending_unrated', 'actual_unrated',
    ];

    public function __construct(private EntriesOfMonths $entries, private TaskFigures $figures, private PlannedDays $days, private Today $today)
    {
    }

    /** @return iterable<TotalDifference> */
    public function differences(): iterable
    {
        foreach (Record::all(DB::table('outdated_efforts')) as $outdated) {
            yield new TotalDifference('outdated_efforts', implode(' ', $outdated->toArray()), 'outdated', 1, 0);
        }
        $tasks = array_map(static fn (Record $task): int => $task->int('id'), Record::all(DB::table('tasks')->select('id')->orderBy('id')));
        foreach (array_chunk($tasks, self::TASKS_AT_ONCE) as $chunk) {
            yield from $this->months($chunk);
            yield from $this->ofTasks($chunk);
            yield from $this->days($chunk);
            yield from self::planSteps($chunk);
        }
        foreach (self::added() as [$table, $key, $columns, $query]) {
            yield from self::compared($table, $key, $columns, DB::table($table), $query);
        }
    }

    /**
     * @param  list<int>  $tasks
     * @return iterable<TotalDifference>
     */
    private function months(array $tasks): iterable
    {
        $key = ['task_id', 'person_id', 'role_id', 'month'];
        $stored = DB::table('recorded_months')->whereIntegerInRaw('task_id', $tasks);
        $keys = DB::table('entries')->whereIntegerInRaw('task_id', $tasks)->distinct()
            ->selectRaw('task_id, person_id, coalesce(role_id, 0) AS role_id, substr(date, 1, 7) AS month');
        $found = [];
        foreach (array_chunk(array_map(static fn (Record $one): array => array_values($one->only(...$key)), Record::all($keys)), 2000) as $chunk) {
            foreach ($this->entries->sums($chunk) as $row) {
                $found[implode(' ', array_intersect_key($row, array_flip($key)))] = $row;
            }
        }
        yield from self::between('recorded_months', self::SUMS, self::byKey($stored, $key), $found);
    }

    /**
     * @param  list<int>  $tasks
     * @return iterable<TotalDifference>
     */
    private function ofTasks(array $tasks): iterable
    {
        [$figures, $forecasts] = $this->figures->of($tasks);
        yield from self::between('task_figures', self::FIGURES, self::byKey(DB::table('task_figures')->whereIntegerInRaw('task_id', $tasks), ['task_id']), $figures);
        yield from self::between('task_forecasts', ['change_minutes'], self::byKey(DB::table('task_forecasts')->whereIntegerInRaw('task_id', $tasks), ['task_id', 'week_end']), $forecasts);
    }

    /**
     * @param  list<int>  $tasks
     * @return iterable<TotalDifference>
     */
    private function days(array $tasks): iterable
    {
        $found = [];
        foreach ($this->days->of($tasks) as $day) {
            $found[$day['task_id'].' '.$day['date']] = $day;
        }
        yield from self::between('task_days', ['planned_minutes'], self::byKey(DB::table('task_days')->whereIntegerInRaw('task_id', $tasks), ['task_id', 'date']), $found);
    }

    /**
     * The last step of a plan is the plan as it is; none lies ahead.
     *
     * @param  list<int>  $tasks
     * @return iterable<TotalDifference>
     */
    private function planSteps(array $tasks): iterable
    {
        [$latest, $planned] = [PlanSteps::latest($tasks), PlanSteps::planned($tasks)];
        foreach (array_keys($latest + $planned) as $key) {
            [$is, $should] = [$latest[$key] ?? 0, $planned[$key] ?? 0];
            if ($is !== $should) {
                yield new TotalDifference('plan_steps', $key, 'minutes', $is, $should);
            }
        }
        foreach (Record::all(DB::table('plan_steps')->whereIntegerInRaw('task_id', $tasks)->where('starting_on', '>', $this->today->in('UTC')->plusDays(1)->toString())) as $ahead) {
            yield new TotalDifference('plan_steps', implode(' ', $ahead->toArray()), 'minutes', $ahead->int('minutes'), 0);
        }
    }

    /** @return list<array{string, list<string>, list<string>, Builder}> tables that triggers add up: their key, their columns, and what they should hold */
    public static function added(): array
    {
        $months = static fn (): Builder => DB::table('recorded_months')->join('tasks', 'tasks.id', 'recorded_months.task_id');

        $days = static fn (): Builder => DB::query()->fromSub(
            DB::table('task_days')->join('tasks', 'tasks.id', 'task_days.task_id')->select('tasks.project_id', 'task_days.date', 'task_days.planned_minutes'),
            'days',
        );

        return [
            ['project_days', ['date', 'project_id'], ['planned_minutes'], $days()->select('date', 'project_id')->groupBy('date', 'project_id')],
            ['project_plan_months', ['month', 'project_id'], ['planned_minutes'], $days()->selectRaw('substr(date, 1, 7) AS month, project_id')->groupByRaw('1, 2')],
            ['task_months', ['task_id', 'month'], self::SUMS, $months()->select('recorded_months.task_id', 'month')->groupBy('recorded_months.task_id', 'month')],
            ['project_months', ['month', 'project_id'], ['actual_minutes', 'pending_minutes'], $months()->select('month', 'tasks.project_id')->groupBy('month', 'tasks.project_id')],
            ['project_figures', ['project_id'], self::FIGURES, DB::table('task_figures')->select('project_id')->groupBy('project_id')],
            ['project_forecasts', ['project_id', 'week_end'], ['change_minutes'], DB::table('task_forecasts')->join('tasks', 'tasks.id', 'task_forecasts.task_id')
                ->select('tasks.project_id', 'week_end')->groupBy('tasks.project_id', 'week_end')],
        ];
    }

    /**
     * @param  list<string>  $key
     * @param  list<string>  $columns
     * @return iterable<TotalDifference>
     */
    private static function compared(string $table, array $key, array $columns, Builder $stored, Builder $found): iterable
    {
        foreach ($columns as $column) {
            $found->selectRaw("sum($column) AS $column");
        }
        yield from self::between($table, $columns, self::byKey($stored, $key), self::byKey($found, $key));
    }

    /**
     * @param  list<string>  $columns
     * @param  array<array-key, array<string, string|int|null>>  $stored
     * @param  array<array-key, array<string, string|int|null>>  $found
     * @return iterable<TotalDifference>
     */
    private static function between(string $table, array $columns, array $stored, array $found): iterable
    {
        foreach ($stored + $found as $key => $row) {
            foreach ($columns as $column) {
                [$is, $should] = [(int) ($stored[$key][$column] ?? 0), (int) ($found[$key][$column] ?? 0)];
                if ($is !== $should) {
                    yield new TotalDifference($table, (string) $key, $column, $is, $should);
                }
            }
        }
    }

    /**
     * @param  list<string>  $key
     * @return array<string, array<string, string|int|null>>
     */
    private static function byKey(Builder $query, array $key): array
    {
        $rows = [];
        foreach (Record::all($query) as $record) {
            $rows[implode(' ', array_map(static fn (string $column): string => $record->string($column), $key))] = $record->toArray();
        }

        return $rows;
    }
}
