<?php

declare(strict_types=1);

namespace App\Features\Figures\Actions;

use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;

/**
 * Works out anew what an act has made stale, at the end of its transaction: sums of months first, then the figures of tasks, the
 * steps of their plans and their days.
 * What only adds up from these is added up by triggers.
 */
final readonly class RefreshFigures
{
    private const MONTHS_AT_ONCE = 500;

    private const TASKS_AT_ONCE = 50;

    /** Plans of years have many days. */
    private const PLANS_AT_ONCE = 15;

    public function __construct(private RefreshMonths $months, private RefreshTasks $tasks, private RefreshPlanSteps $steps, private RefreshPlannedDays $days)
    {
    }

    public function handle(): void
    {
        $tasks = [];
        $planned = [];
        do {
            $stale = Record::all(DB::table('stale_efforts')->orderBy('task_id')->orderBy('person_id')->orderBy('role_id')->orderBy('month')->limit(self::MONTHS_AT_ONCE));
            foreach ($stale as $one) {
                $tasks[$one->int('task_id')] = true;
                if ($one->int('person_id') === 0) {
                    $planned[$one->int('task_id')] = true;
                }
            }
            $this->months->handle(array_values(array_filter($stale, static fn (Record $one): bool => $one->int('person_id') !== 0)));
            $this->forget($stale);
        } while (count($stale) === self::MONTHS_AT_ONCE);
        foreach (array_chunk(array_keys($tasks), self::TASKS_AT_ONCE) as $chunk) {
            $this->tasks->handle($chunk);
        }
        foreach (array_chunk(array_keys($planned), self::PLANS_AT_ONCE) as $chunk) {
            $this->steps->handle($chunk);
            $this->days->handle($chunk);
        }
    }

    /** @param  list<Record>  $stale  the first there are */
    private function forget(array $stale): void
    {
        $last = end($stale);
        if ($last !== false) {
            DB::table('stale_efforts')->whereRaw(
                '(task_id, person_id, role_id, month) <= (?, ?, ?, ?)',
                [$last->int('task_id'), $last->int('person_id'), $last->int('role_id'), $last->string('month')],
            )->delete();
        }
    }
}
