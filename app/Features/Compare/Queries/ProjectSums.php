<?php

declare(strict_types=1);

namespace App\Features\Compare\Queries;

use App\Support\Database\Record;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Moss\Core\Calendar\Day;
use Moss\Core\Calendar\DayRange;
use Moss\Core\Compare\ComparisonRow;
use Moss\Core\Time\Minutes;

/**
 * Planned and recorded time of projects in a period, from what is stored by month; only the days of months that the period,
 * or today, cuts through are added up singly. In a fixed number of queries.
 */
final class ProjectSums
{
    /** @return array<int, ComparisonRow> by project id, those in which something is planned or recorded */
    public function of(DayRange $period, Day $today, bool $withPending): array
    {
        $planned = $this->planned($period);
        $toDate = $period->upTo($today);
        $planned = [$planned, $toDate === null ? [] : $this->planned($toDate)];
        $recorded = $this->recorded($period);
        $rows = [];
        foreach (array_keys($planned[0] + $recorded) as $project) {
            [$actual, $pending] = $recorded[$project] ?? [0, 0];
            $rows[$project] = new ComparisonRow(
                Minutes::of($planned[0][$project] ?? 0),
                Minutes::of($planned[1][$project] ?? 0),
                Minutes::of($withPending ? $actual + $pending : $actual),
                Minutes::of($pending),
            );
        }

        return $rows;
    }

    /** @return array<int, int> minutes by project, those with any */
    private function planned(DayRange $period): array
    {
        [$months, $edges] = self::parts($period);
        $query = DB::table('project_plan_months')->whereBetween('month', $months)->select('project_id', 'planned_minutes');
        foreach ($edges as $edge) {
            $query->unionAll(DB::table('project_days')->whereBetween('date', $edge)->select('project_id', 'planned_minutes'));
        }
        $minutes = [];
        foreach (Record::all(DB::query()->fromSub($query, 'plans')->groupBy('project_id')->havingRaw('sum(planned_minutes) > 0')->selectRaw('project_id, sum(planned_minutes) AS minutes')) as $sum) {
            $minutes[$sum->int('project_id')] = $sum->int('minutes');
        }

        return $minutes;
    }

    /** @return array<int, array{int, int}> actual and pending minutes by project, those with entries */
    private function recorded(DayRange $period): array
    {
        [$months, $edges] = self::parts($period);
        // A sum of nothing may stay where entries went: it counts only while there is a month of somebody's behind it.
        $behind = DB::table('recorded_months')->join('tasks', 'tasks.id', 'recorded_months.task_id')->selectRaw('1')
            ->whereColumn('recorded_months.month', 'project_months.month')->whereColumn('tasks.project_id', 'project_months.project_id');
        $query = DB::table('project_months')->whereBetween('month', $months)
            ->where(static fn (Builder $any): Builder => $any->where('actual_minutes', '<>', 0)->orWhere('pending_minutes', '<>', 0)->orWhereExists($behind))
            ->select('project_id', 'actual_minutes', 'pending_minutes');
        foreach ($edges as $edge) {
            $query->unionAll(DB::table('entries')->join('tasks', 'tasks.id', 'entries.task_id')->whereBetween('entries.date', $edge)
                ->selectRaw("tasks.project_id, CASE WHEN entries.state IN ('approved', 'settled') THEN entries.minutes ELSE 0 END, CASE WHEN entries.state IN ('approved', 'settled') THEN 0 ELSE entries.minutes END"));
        }
        $minutes = [];
        foreach (Record::all(DB::query()->fromSub($query, 'months')->groupBy('project_id')->selectRaw('project_id, sum(actual_minutes) AS actual, sum(pending_minutes) AS pending')) as $sum) {
            $minutes[$sum->int('project_id')] = [$sum->int('actual'), $sum->int('pending')];
        }

        return $minutes;
    }

    /**
     * @return array{array{string, string}, list<array{string, string}>} the first and last whole month (the last before the first where there is none),
     *                                                                    and from which to which days the rest goes
     */
    private static function parts(DayRange $period): array
    {
        $first = self::isFirstOfMonth($period->first()) ? $period->first() : self::firstOfNext($period->first());
        $end = self::isFirstOfMonth($period->last()->plusDays(1)) ? $period->last()->plusDays(1) : Day::of($period->last()->month().'-01');
        if (! $first->isBefore($end)) {
            return [['9', '0'], [[$period->first()->toString(), $period->last()->toString()]]];
        }
        $edges = [];
        if ($period->first()->isBefore($first)) {
            $edges[] = [$period->first()->toString(), $first->plusDays(-1)->toString()];
        }
        if (! $end->isAfter($period->last())) {
            $edges[] = [$end->toString(), $period->last()->toString()];
        }

        return [[$first->month(), $end->plusDays(-1)->month()], $edges];
    }

    private static function isFirstOfMonth(Day $day): bool
    {
        return str_ends_with($day->toString(), '-01');
    }

    private static function firstOfNext(Day $day): Day
    {
        return Day::of(Day::of($day->month().'-01')->plusDays(31)->month().'-01');
    }
}
