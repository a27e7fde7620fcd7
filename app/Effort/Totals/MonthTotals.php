<?php

declare(strict_types=1);

namespace App\Effort\Totals;

use App\Models\PlannedMonth;
use App\Models\PlannedWeek;
use App\Models\RecordedMonth;
use App\Models\RecordedTaskMonth;
use App\Models\RecordedWeek;
use App\Models\Task;
use App\Support\Database\BulkRows;
use App\Support\Database\Sql;
use App\Support\Database\StreamedRows;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;

/**
 * Sums of stored weeks by month and project, in `recorded_months` and `planned_months`: a part as many rows as the weeks have. What was
 * recorded is also told apart by whether it is billable, as its entries or their task say; where neither does, their project will.
 */
final class MonthTotals
{
    public const RECORDED_KEY = [...self::MONTH_KEY, 'billable'];

    public const RECORDED = [
        'actual_minutes', 'pending_minutes', 'actual_cents', 'pending_cents', 'actual_unrated', 'pending_unrated',
        'actual_bill_cents', 'pending_bill_cents', 'actual_bill_unrated', 'pending_bill_unrated',
    ];

    /** Where neither entries nor their task say whether they are billable, but their project. */
    public const BILLABLE_AS_PROJECT = RecordedTotals::BILLABLE_AS_TASK;

    public const PLANNED_KEY = ['month', 'project_id', 'person_id', 'team_id', 'role_id'];

    public const PLANNED = ['planned_minutes'];

    /** What weeks are found by. */
    private const MONTH_KEY = ['month', 'project_id', 'person_id', 'role_id'];

    public function __construct(private readonly ProjectMonthTotals $projects)
    {
    }

    /**
     * Recalculates the months in which weeks have changed.
     *
     * @param  iterable<list<int|string>>  $keys  of weeks: task, person, role and first day first
     */
    public function refreshRecorded(iterable $keys): void
    {
        $months = [];
        foreach ($keys as [$task, $person, $role, $first]) {
            $months[$task.' '.$person.' '.$role.' '.substr((string) $first, 0, 7)] = [(int) $task, (int) $person, (int) $role, substr((string) $first, 0, 7).'-01'];
        }
        if ($months === []) {
            return;
        }
        $projects = DB::query()->fromRaw('json_each(?)', [json_encode(array_values($months), JSON_THROW_ON_ERROR)])
            ->join('tasks', 'tasks.id', '=', DB::raw('value ->> 0'))->distinct()
            ->selectRaw('value ->> 3 AS month, tasks.project_id, value ->> 1 AS person_id, value ->> 2 AS role_id');
        /** @var list<non-empty-list<int|string>> $named */
        $named = iterator_to_array(StreamedRows::of($projects), false);
        $sums = DB::query()->fromSub($projects, 'months')
            ->join('recorded_weeks AS weeks', static fn (JoinClause $join): Builder => $join->on('weeks.person_id', 'months.person_id')->on('weeks.role_id', 'months.role_id')
                ->whereRaw("weeks.starts_on >= months.month AND weeks.starts_on < date(months.month, '+1 month')"))
            ->join('tasks', static fn (JoinClause $join): JoinClause => $join->on('tasks.id', 'weeks.task_id')->on('tasks.project_id', 'months.project_id'))
            ->groupBy('months.month', 'months.project_id', 'months.person_id', 'months.role_id', self::billable('weeks'))
            ->select('months.month', 'months.project_id', 'months.person_id', 'months.role_id', self::billable('weeks', 'billable'), ...array_map(static fn (string $sum): Sql => Sql::sum('weeks.'.$sum, $sum), self::RECORDED));
        $stored = RecordedMonth::query()->toBase()->joinSub($projects, 'months', static function (JoinClause $join): void {
            foreach (self::MONTH_KEY as $column) {
                $join->on('months.'.$column, 'recorded_months.'.$column);
            }
        });
        BulkRows::replace('recorded_months', self::RECORDED_KEY, self::RECORDED, $stored, StreamedRows::keyed($sums, count(self::RECORDED_KEY)));
        $this->projects->refreshRecorded(self::ofProjects($named));
    }

    /**
     * Recalculates all recorded months of people from a month on.
     *
     * @param  list<int>  $people
     * @param  string  $first  day of the month, `YYYY-MM-DD`
     * @param  array<string, non-empty-list<int|string>>  $weeks  all of theirs from then on
     */
    public function refreshPeople(array $people, string $first, array $weeks): void
    {
        BulkRows::replace('recorded_months', self::RECORDED_KEY, self::RECORDED, RecordedMonth::query()->toBase()->whereIntegerInRaw('person_id', $people)->where('month', '>=', $first), self::added($weeks));
    }

    /**
     * Sums up anew by project what recorded months of people hold; which months there are, those of tasks say.
     *
     * @param  list<int>  $projects
     */
    public function refreshRecordedOf(array $projects): void
    {
        $months = RecordedTaskMonth::query()->toBase()->join('tasks', 'tasks.id', 'recorded_task_months.task_id')->whereIntegerInRaw('tasks.project_id', $projects)
            ->distinct()->select('recorded_task_months.month', 'tasks.project_id');
        /** @var list<non-empty-list<int|string>> $named */
        $named = iterator_to_array(StreamedRows::of($months), false);
        $this->projects->refreshRecorded(self::ofProjects($named));
    }

    /**
     * Recalculates all recorded months of projects of which tasks are gone, with everything recorded on them.
     *
     * @param  list<int>  $projects
     */
    public function refreshProjects(array $projects): void
    {
        $changed = BulkRows::replace('recorded_months', self::RECORDED_KEY, self::RECORDED, RecordedMonth::query()->toBase()->whereIntegerInRaw('project_id', $projects),
            StreamedRows::keyed(self::sums()->whereIntegerInRaw('tasks.project_id', $projects), count(self::RECORDED_KEY)));
        $this->projects->refreshRecorded(self::ofProjects($changed));
    }

    /**
     * Recalculates the planned months of the projects of tasks. Where these are all that the projects have, the months are added up
     * of the weeks at hand, which the database would have to sort again.
     *
     * @param  list<int>  $tasks
     * @param  array<string, non-empty-list<int|string>>  $weeks  all of theirs: key and columns of `PlannedTotals`
     */
    public function refreshPlannedOf(array $tasks, array $weeks): void
    {
        [$of, $isWhole, $given] = [[], true, array_flip($tasks)];
        foreach (StreamedRows::of(Task::query()->toBase()->whereIntegerInRaw('project_id', self::projectsOf($tasks))->select('id', 'project_id')) as $row) {
            /** @var array{int, int} $row */
            [$task, $project] = $row;
            $isWhole = $isWhole && isset($given[$task]);
            $of[$task] = $project;
        }
        $projects = array_values(array_unique($of));
        if (! $isWhole || $projects === []) {
            $this->refreshPlanned($projects);

            return;
        }
        $months = [];
        foreach ($weeks as $week) {
            /** @var array{int, int, int, int, string, int} $week */
            [$task, $person, $team, $role, $first, $minutes] = $week;
            $month = substr($first, 0, 8).'01';
            $key = "$month $of[$task] $person $team $role";
            $months[$key] = [$month, $of[$task], $person, $team, $role, ($months[$key][5] ?? 0) + $minutes];
        }
        $this->replacePlanned($projects, $months);
    }

    /**
     * Recalculates the planned months of projects.
     *
     * @param  list<int>  $projects
     */
    public function refreshPlanned(array $projects): void
    {
        if ($projects !== []) {
            $this->replacePlanned($projects, StreamedRows::keyed(self::planned($projects), count(self::PLANNED_KEY)));
        }
    }

    /**
     * @param  list<int>  $projects
     * @param  array<string, non-empty-list<int|string>>  $months
     */
    private function replacePlanned(array $projects, array $months): void
    {
        BulkRows::replace('planned_months', self::PLANNED_KEY, self::PLANNED, PlannedMonth::query()->toBase()->whereIntegerInRaw('project_id', $projects), $months);
        $this->projects->refreshPlanned($projects);
    }

    /**
     * @param  list<non-empty-list<int|string>>  $rows  beginning with month and project
     * @return list<array{string, int}>
     */
    private static function ofProjects(array $rows): array
    {
        return array_map(static fn (array $row): array => [(string) $row[0], (int) ($row[1] ?? 0)], $rows);
    }

    /**
     * The projects of tasks.
     *
     * @param  list<int>  $tasks
     * @return list<int>
     */
    public static function projectsOf(array $tasks): array
    {
        return array_values(array_filter(Task::query()->toBase()->whereIntegerInRaw('id', $tasks)->distinct()->pluck('project_id')->all(), is_int(...)));
    }

    /** @param  list<int>  $projects */
    public static function planned(array $projects): Builder
    {
        return PlannedWeek::query()->toBase()->join('tasks', 'tasks.id', 'planned_weeks.task_id')->whereIntegerInRaw('tasks.project_id', $projects)
            ->groupBy(Sql::month('planned_weeks.starts_on'), 'tasks.project_id', 'person_id', 'team_id', 'role_id')
            ->select(Sql::month('planned_weeks.starts_on', 'month'), 'tasks.project_id', 'person_id', 'team_id', 'role_id', Sql::sum('planned_weeks.planned_minutes', 'planned_minutes'));
    }

    /**
     * What the months of some weeks come to, added up here: where all weeks of some people are at hand, the database need not read
     * and sort them again.
     *
     * @param  array<string, non-empty-list<int|string>>  $weeks  key and columns of `RecordedTotals`
     * @return array<string, non-empty-list<int|string>> key and columns, by the key
     */
    public static function added(array $weeks): array
    {
        $tasks = [];
        foreach (StreamedRows::of(Task::query()->toBase()->whereIntegerInRaw('id', array_unique(array_column($weeks, 0)))->select('id', 'project_id', 'billable')) as $row) {
            /** @var array{int, int, int|null} $row */
            $tasks[$row[0]] = [$row[1], $row[2] ?? self::BILLABLE_AS_PROJECT];
        }
        $months = [];
        foreach ($weeks as $week) {
            /** @var array{int, int, int, string, int, int, int, int, int, int, int, int, int, int, int, int, int} $week */
            [$task, $person, $role, $first, $billable, $actual, $pending, $cents, $pendingCents, $unrated, $pendingUnrated, , , $bill, $pendingBill, $unratedBill, $pendingUnratedBill] = $week;
            [$project, $ofTask] = $tasks[$task];
            $billable = $billable === RecordedTotals::BILLABLE_AS_TASK ? $ofTask : $billable;
            $month = substr($first, 0, 8).'01';
            $sums = $months["$month $project $person $role $billable"] ?? [$month, $project, $person, $role, $billable, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0];
            $months["$month $project $person $role $billable"] = [
                $month, $project, $person, $role, $billable,
                $sums[5] + $actual, $sums[6] + $pending, $sums[7] + $cents, $sums[8] + $pendingCents, $sums[9] + $unrated, $sums[10] + $pendingUnrated,
                $sums[11] + $bill, $sums[12] + $pendingBill, $sums[13] + $unratedBill, $sums[14] + $pendingUnratedBill,
            ];
        }

        return $months;
    }

    private static function sums(): Builder
    {
        return RecordedWeek::query()->toBase()->join('tasks', 'tasks.id', 'recorded_weeks.task_id')
            ->groupBy(Sql::month('recorded_weeks.starts_on'), 'tasks.project_id', 'person_id', 'role_id', self::billable('recorded_weeks'))
            ->select(Sql::month('recorded_weeks.starts_on', 'month'), 'tasks.project_id', 'person_id', 'role_id', self::billable('recorded_weeks', 'billable'), ...array_map(static fn (string $sum): Sql => Sql::sum($sum, $sum), self::RECORDED));
    }

    private static function billable(string $weeks, ?string $alias = null): Sql
    {
        return Sql::firstBut(self::BILLABLE_AS_PROJECT, [$weeks.'.billable', 'tasks.billable'], $alias);
    }
}
