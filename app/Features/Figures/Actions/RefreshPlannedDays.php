<?php

declare(strict_types=1);

namespace App\Features\Figures\Actions;

use App\Features\Figures\Queries\PlannedDays;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;

/** Lays the plans of tasks over their days anew; what is the same stays. */
final readonly class RefreshPlannedDays
{
    public function __construct(private PlannedDays $days)
    {
    }

    /** @param  list<int>  $tasks */
    public function handle(array $tasks): void
    {
        $days = [];
        foreach ($this->days->of($tasks) as $day) {
            $days[$day['task_id'].' '.$day['date']] = $day;
        }
        $gone = [];
        foreach (Record::all(DB::table('task_days')->whereIntegerInRaw('task_id', $tasks)) as $row) {
            $key = $row->int('task_id').' '.$row->string('date');
            if (($days[$key]['planned_minutes'] ?? null) === $row->int('planned_minutes')) {
                unset($days[$key]);
            } elseif (! isset($days[$key])) {
                $gone[] = [$row->int('task_id'), $row->string('date')];
            }
        }
        if ($gone !== []) {
            DB::delete('DELETE FROM task_days WHERE (task_id, date) IN (SELECT value ->> 0, value ->> 1 FROM json_each(?))', [json_encode($gone, JSON_THROW_ON_ERROR)]);
        }
        foreach (array_chunk($days, 500) as $chunk) {
            DB::table('task_days')->upsert($chunk, ['task_id', 'date'], ['planned_minutes']);
        }
    }
}
