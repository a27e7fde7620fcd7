<?php

declare(strict_types=1);

namespace App\Effort\Totals;

use App\Models\RecordedWeek;
use App\Models\StoredRecalculation;
use App\Support\Clock\Today;
use App\Support\Database\Record;
use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;

/**
 * Calculates all stored totals anew from entries, plans and estimates, some at a time, and finds those that differ. Reads as the
 * database is when it begins, so that what is saved meanwhile does no harm.
 */
final readonly class VerifiedTotals
{
    private const PEOPLE_AT_ONCE = 20;

    private const TASKS_AT_ONCE = 100;

    private const PROJECTS_AT_ONCE = 200;

    public function __construct(private RecordedTotals $recorded, private PlannedTotals $planned, private TaskTotals $tasks, private Today $today)
    {
    }

    /** @return iterable<TotalDifference> */
    public function differences(): iterable
    {
        foreach (Record::each(StoredRecalculation::query()->toBase()->where('is_done', 0)->orderBy('id')) as $queued) {
            yield new TotalDifference('recalculations', $queued->string('id').' '.$queued->string('kind'), 'units', $queued->int('units') - $queued->int('units_done'), 0);
        }
        foreach (self::chunks('people', self::PEOPLE_AT_ONCE) as $people) {
            $weeks = $this->recorded->sumsOfPeople($people);
            yield from self::between('recorded_weeks', RecordedTotals::KEY, RecordedTotals::COLUMNS, RecordedWeek::query()->toBase()->whereIntegerInRaw('person_id', $people), $weeks);
            yield from self::between('recorded_months', MonthTotals::RECORDED_KEY, MonthTotals::RECORDED, DB::table('recorded_months')->whereIntegerInRaw('person_id', $people), MonthTotals::added($weeks));
        }
        foreach (self::chunks('tasks', self::TASKS_AT_ONCE) as $tasks) {
            yield from $this->ofTasks($tasks);
        }
        foreach (self::chunks('projects', self::PROJECTS_AT_ONCE) as $projects) {
            yield from self::ofProjects($projects);
        }
    }

    /**
     * @param  list<int>  $tasks
     * @return iterable<TotalDifference>
     */
    private function ofTasks(array $tasks): iterable
    {
        [$figures, $forecasts, $remaining] = $this->tasks->of($tasks);
        $of = static fn (string $table): Builder => DB::table($table)->whereIntegerInRaw('task_id', $tasks);
        yield from self::between('task_figures', ['task_id'], [...TaskTotals::FIGURES, ...TaskTotals::SUMS, 'project_id'], $of('task_figures'), $figures);
        yield from self::between('task_forecasts', TaskTotals::FORECAST_KEY, ['change_minutes'], $of('task_forecasts'), $forecasts);
        yield from self::between('assignee_figures', TaskTotals::ASSIGNEE_KEY, TaskTotals::ASSIGNEE_COLUMNS, $of('assignee_figures'), $remaining);
        yield from self::between('planned_weeks', PlannedTotals::KEY, PlannedTotals::COLUMNS, $of('planned_weeks'), $this->planned->of($tasks));
        yield from self::betweenQueries('recorded_task_months', TaskMonthTotals::RECORDED_KEY, MonthTotals::RECORDED, $of('recorded_task_months'), TaskMonthTotals::recorded()->whereIntegerInRaw('task_id', $tasks));
        yield from self::betweenQueries('planned_task_months', TaskMonthTotals::PLANNED_KEY, MonthTotals::PLANNED, $of('planned_task_months'), TaskMonthTotals::planned()->whereIntegerInRaw('task_id', $tasks));
        // The last step of a plan is the plan as it is; none lies ahead.
        [$latest, $planned] = [PlanSteps::latest($tasks), PlanSteps::planned($tasks)];
        foreach (array_keys($latest + $planned) as $key) {
            [$is, $should] = [$latest[$key] ?? 0, $planned[$key] ?? 0];
            if ($is !== $should) {
                yield new TotalDifference('plan_steps', $key, 'minutes', $is, $should);
            }
        }
        foreach (Record::each($of('plan_steps')->where('starting_on', '>', $this->today->in('UTC')->plusDays(1)->toString())) as $ahead) {
            yield new TotalDifference('plan_steps', implode(' ', $ahead->toArray()), 'minutes', $ahead->int('minutes'), 0);
        }
    }

    /**
     * @param  list<int>  $projects
     * @return iterable<TotalDifference>
     */
    private static function ofProjects(array $projects): iterable
    {
        $of = static fn (string $table): Builder => DB::table($table)->whereIntegerInRaw('project_id', $projects);
        yield from self::between('project_figures', ['project_id'], ProjectTotals::columns(), $of('project_figures'),
            self::rows(['project_id'], ProjectTotals::columns(), ProjectTotals::figures()->whereIntegerInRaw('project_id', $projects)));
        yield from self::betweenQueries('planned_months', MonthTotals::PLANNED_KEY, MonthTotals::PLANNED, $of('planned_months'), MonthTotals::planned($projects));
        yield from self::betweenQueries('recorded_project_months', ProjectMonthTotals::RECORDED_KEY, MonthTotals::RECORDED, $of('recorded_project_months'), ProjectMonthTotals::recorded()->whereIntegerInRaw('project_id', $projects));
        yield from self::betweenQueries('planned_project_months', ProjectMonthTotals::PLANNED_KEY, MonthTotals::PLANNED, $of('planned_project_months'), ProjectMonthTotals::planned()->whereIntegerInRaw('project_id', $projects));
        yield from self::between('project_forecasts', ProjectTotals::FORECAST_KEY, ['change_minutes'], $of('project_forecasts'),
            self::rows(ProjectTotals::FORECAST_KEY, ['change_minutes'], ProjectTotals::forecasts()->whereIntegerInRaw('tasks.project_id', $projects)));
    }

    /**
     * What a query should have found: the database tells much faster whether it is all the same.
     *
     * @param  non-empty-list<string>  $key
     * @param  non-empty-list<string>  $columns
     * @return iterable<TotalDifference>
     */
    private static function betweenQueries(string $table, array $key, array $columns, Builder $stored, Builder $calculated): iterable
    {
        // Each has a key once, so that they are the same where as many rows match as each has.
        $same = DB::query()->fromSub(clone $calculated, 'calculated')->leftJoin($table, static function (JoinClause $join) use ($table, $key, $columns): void {
            foreach ([...$key, ...$columns] as $column) {
                $join->on($table.'.'.$column, 'calculated.'.$column);
            }
        })->select(Sql::count('calculated'), Sql::held($table.'.'.$key[0], 'same'));
        $found = Record::all($same)[0];
        if ($found->int('calculated') !== $found->int('same') || $found->int('same') !== (clone $stored)->count()) {
            yield from self::between($table, $key, $columns, $stored, StreamedRows::keyed($calculated, count($key)));
        }
    }

    /**
     * @param  non-empty-list<string>  $key
     * @param  non-empty-list<string>  $columns
     * @param  array<array-key, non-empty-list<int|string>>  $found  values of key and columns, by the key
     * @return iterable<TotalDifference>
     */
    private static function between(string $table, array $key, array $columns, Builder $stored, array $found): iterable
    {
        foreach (StreamedRows::of($stored->select(...$key, ...$columns)) as $row) {
            $name = implode(' ', array_slice($row, 0, count($key)));
            $should = $found[$name] ?? null;
            unset($found[$name]);
            foreach ($should === $row ? [] : $columns as $place => $column) {
                [$is, $wanted] = [(int) $row[count($key) + $place], (int) ($should[count($key) + $place] ?? 0)];
                if ($is !== $wanted) {
                    yield new TotalDifference($table, $name, $column, $is, $wanted);
                } elseif ($should === null && $place === 0) {
                    yield new TotalDifference($table, $name, 'row', 1, 0);
                }
            }
        }
        foreach ($found as $name => $row) {
            foreach ($columns as $place => $column) {
                if ((int) $row[count($key) + $place] !== 0) {
                    yield new TotalDifference($table, (string) $name, $column, 0, (int) $row[count($key) + $place]);
                }
            }
        }
    }

    /**
     * @param  non-empty-list<string>  $key
     * @param  non-empty-list<string>  $columns
     * @return array<string, non-empty-list<int|string>>
     */
    private static function rows(array $key, array $columns, Builder $query): array
    {
        $rows = [];
        foreach (Record::each($query) as $row) {
            $keys = array_map($row->string(...), $key);
            $rows[implode(' ', $keys)] = [...$keys, ...array_map($row->int(...), $columns)];
        }

        return $rows;
    }

    /**
     * @param  literal-string  $table
     * @param  positive-int  $size
     * @return iterable<non-empty-list<int>> all numbers of the table, so many at a time
     */
    private static function chunks(string $table, int $size): iterable
    {
        $last = 0;
        do {
            $ids = array_values(array_filter(DB::table($table)->where('id', '>', $last)->orderBy('id')->limit($size)->pluck('id')->all(), is_int(...)));
            if ($ids !== []) {
                yield $ids;
                $last = end($ids);
            }
        } while ($ids !== []);
    }
}
