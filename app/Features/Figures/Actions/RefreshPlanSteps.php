<?php

declare(strict_types=1);

namespace App\Features\Figures\Actions;

use App\Features\Figures\Queries\PlanSteps;
use App\Support\Clock\Today;
use Illuminate\Support\Facades\DB;

/** Writes down from which day on the plan of tasks and their assignees is another; of a day, what it was last. */
final readonly class RefreshPlanSteps
{
    public function __construct(private Today $today)
    {
    }

    /** @param  list<int>  $tasks */
    public function handle(array $tasks): void
    {
        $before = PlanSteps::latest($tasks);
        $now = PlanSteps::planned($tasks);
        $today = $this->today->in('UTC')->toString();
        $steps = [];
        foreach ($now + array_fill_keys(array_keys($before), 0) as $key => $minutes) {
            if (($before[$key] ?? null) !== $minutes) {
                [$task, $person, $team] = array_map(intval(...), explode(' ', $key));
                $steps[] = ['task_id' => $task, 'person_id' => $person, 'team_id' => $team, 'starting_on' => $today, 'minutes' => $minutes];
            }
        }
        if ($steps !== []) {
            DB::table('plan_steps')->upsert($steps, ['task_id', 'person_id', 'team_id', 'starting_on'], ['minutes']);
        }
    }
}
