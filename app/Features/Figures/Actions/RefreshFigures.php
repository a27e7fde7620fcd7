<?php

declare(strict_types=1);

namespace App\Features\Figures\Actions;

use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;

/**
 * Brings stored totals up to date where triggers have noted that something changed. What an act sets in motion is done in its
 * own transaction where that is little; where it is much, it is queued, and Recalculation works it off in short steps.
 */
final readonly class RefreshFigures
{
    /** More totals of people, tasks and months than an act recalculates itself. */
    private const MOST_IN_ACT = 150;

    /** More planned days than an act spreads itself. */
    private const MOST_DAYS_IN_ACT = 6000;

    private const MONTHS_IN_STEP = 60;

    private const PLANS_IN_STEP = 2;

    private const TASKS_AT_ONCE = 50;

    /** Plans of years have many days. */
    private const PLANS_AT_ONCE = 15;

    public function __construct(private RefreshMonths $months, private RefreshTasks $tasks, private RefreshPlanSteps $steps, private RefreshPlannedDays $days, private RecalculationFlag $flag)
    {
    }

    /** At the end of an act, within its transaction. */
    public function ofAct(): void
    {
        $outdated = Record::all(DB::table('outdated_efforts')->where('queued', 0)->orderBy('task_id')->orderBy('person_id')->orderBy('role_id')->orderBy('month')->limit(self::MOST_IN_ACT + 1));
        if ($outdated === []) {
            return;
        }
        if (count($outdated) > self::MOST_IN_ACT || self::plannedDays($outdated) > self::MOST_DAYS_IN_ACT) {
            DB::table('outdated_efforts')->where('queued', 0)->update(['queued' => 1]);
            $this->flag->raise();
        } else {
            $this->refresh($outdated);
            DB::table('outdated_efforts')->where('queued', 0)->delete();
        }
    }

    /**
     * Some of what is queued, within a transaction of its own: the plans of a few tasks, or the months of many.
     *
     * @return bool whether there was anything
     */
    public function ofQueue(): bool
    {
        $outdated = Record::all(DB::table('outdated_efforts')->where('queued', 1)->orderBy('task_id')->orderBy('person_id')->orderBy('role_id')->orderBy('month')->limit(self::MONTHS_IN_STEP));
        $some = [];
        $plans = 0;
        foreach ($outdated as $one) {
            $plans += $one->int('person_id') === 0 ? 1 : 0;
            if ($plans > self::PLANS_IN_STEP) {
                break;
            }
            $some[] = $one;
        }
        $last = end($some);
        if ($last === false) {
            return false;
        }
        $this->refresh($some);
        DB::table('outdated_efforts')->where('queued', 1)->whereRaw(
            '(task_id, person_id, role_id, month) <= (?, ?, ?, ?)',
            [$last->int('task_id'), $last->int('person_id'), $last->int('role_id'), $last->string('month')],
        )->delete();

        return true;
    }

    /** @param  list<Record>  $outdated */
    private function refresh(array $outdated): void
    {
        $tasks = [];
        $planned = [];
        foreach ($outdated as $one) {
            $tasks[$one->int('task_id')] = true;
            if ($one->int('person_id') === 0) {
                $planned[$one->int('task_id')] = true;
            }
        }
        $this->months->handle(array_values(array_filter($outdated, static fn (Record $one): bool => $one->int('person_id') !== 0)));
        foreach (array_chunk(array_keys($tasks), self::TASKS_AT_ONCE) as $chunk) {
            $this->tasks->handle($chunk);
        }
        foreach (array_chunk(array_keys($planned), self::PLANS_AT_ONCE) as $chunk) {
            $this->steps->handle($chunk);
            $this->days->handle($chunk);
        }
    }

    /**
     * About how many days the plans of tasks that changed lie over.
     *
     * @param  list<Record>  $outdated
     */
    private static function plannedDays(array $outdated): int
    {
        $tasks = [];
        foreach ($outdated as $one) {
            if ($one->int('person_id') === 0) {
                $tasks[] = $one->int('task_id');
            }
        }
        if ($tasks === []) {
            return 0;
        }
        $days = 'julianday(ends_on) - julianday(starts_on) + 1';
        $sum = Record::all(DB::query()->selectRaw('CAST(coalesce(sum(days), 0) AS INTEGER) AS days')->fromSub(
            DB::table('assignments')->whereIntegerInRaw('task_id', $tasks)->selectRaw($days.' AS days')
                ->unionAll(DB::table('tasks')->whereIntegerInRaw('id', $tasks)->whereNotNull('planned_minutes')->selectRaw('coalesce('.$days.', 0)')),
            'plans',
        ));

        return $sum[0]->int('days');
    }
}
