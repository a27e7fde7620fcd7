<?php

declare(strict_types=1);

namespace App\Features\Figures\Actions;

use App\Features\Figures\Queries\TaskFigures;
use App\Support\Database\Record;
use Illuminate\Support\Facades\DB;

/** Works out the figures and the forecasts of tasks anew, and keeps them. */
final readonly class RefreshTasks
{
    public function __construct(private TaskFigures $figures)
    {
    }

    /** @param  list<int>  $tasks */
    public function handle(array $tasks): void
    {
        [$figures, $forecasts] = $this->figures->of($tasks);
        if ($figures !== []) {
            DB::table('task_figures')->upsert(array_values($figures), ['task_id'], array_keys(array_diff_key(reset($figures), ['task_id' => 0])));
        }
        self::keepForecasts($tasks, $forecasts);
    }

    /**
     * @param  list<int>  $tasks
     * @param  array<string, array{task_id: int, week_end: string, change_minutes: int}>  $forecasts  by task and week
     */
    private static function keepForecasts(array $tasks, array $forecasts): void
    {
        $gone = [];
        foreach (Record::all(DB::table('task_forecasts')->whereIntegerInRaw('task_id', $tasks)) as $row) {
            $key = $row->int('task_id').' '.$row->string('week_end');
            if (($forecasts[$key]['change_minutes'] ?? null) === $row->int('change_minutes')) {
                unset($forecasts[$key]);
            } elseif (! isset($forecasts[$key])) {
                $gone[] = [$row->int('task_id'), $row->string('week_end')];
            }
        }
        if ($gone !== []) {
            DB::delete('DELETE FROM task_forecasts WHERE (task_id, week_end) IN (SELECT value ->> 0, value ->> 1 FROM json_each(?))', [json_encode($gone, JSON_THROW_ON_ERROR)]);
        }
        foreach (array_chunk($forecasts, 500) as $chunk) {
            DB::table('task_forecasts')->upsert($chunk, ['task_id', 'week_end'], ['change_minutes']);
        }
    }
}
